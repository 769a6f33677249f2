<?php

declare(strict_types=1);

namespace Tests\House;

use App\Clients\Client;
use App\House\Database\DatabaseAway;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Inertia\Inertia;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** A database that hangs, turns somebody back, or gets what it does not take; a disk that is full. */
final class DatabaseFaultsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware([ValidateCsrfToken::class]);
    }

    private static function fault(int $code, string $words): QueryException
    {
        $e = new PDOException("SQLSTATE[HY000]: {$words}");
        $e->errorInfo = ['HY000', $code, $words];

        return new QueryException('mariadb', 'select 1', ['secret'], $e);
    }

    #[Test]
    #[DataProvider('turnedBack')]
    public function who_is_turned_back_by_another_is_done_again_with_records_read_anew(int $times, bool $goesThrough): void
    {
        $left = $times;
        Route::middleware('web')->put('/try/{client}', function (Client $client) use (&$left): string {
            $client->name .= '!';
            $client->save();
            if ($left-- > 0) {
                // As the database does: nothing of it was kept.
                Client::query()->whereKey($client->id)->update(['name' => 'Aune']);
                throw self::fault(1213, 'Deadlock found when trying to get lock');
            }

            return $client->name;
        });
        Route::getRoutes()->refreshNameLookups();
        $client = Client::query()->create(['name' => 'Aune']);
        $planner = self::user('planner');
        $client->newQuery()->whereKey($client->id)->update(['name' => 'Aune']);
        $answer = $goesThrough
            ? $this->actingAs($planner)->put("/try/{$client->id}")
            : rescue(fn () => $this->actingAs($planner)->put("/try/{$client->id}"), report: false);
        self::assertSame($goesThrough, $answer?->getStatusCode() === 200);
        self::assertSame($goesThrough ? 'Aune!' : 'Aune', $client->refresh()->name, 'once, by a record read anew');
    }

    /** @return iterable<string, array{int, bool}> */
    public static function turnedBack(): iterable
    {
        yield 'once' => [1, true];
        yield 'three times' => [3, true];
        yield 'always' => [99, false];
    }

    #[Test]
    public function a_database_that_is_away_is_said_and_asked_once(): void
    {
        Route::middleware('web')->get('/away', fn () => throw self::fault(2006, '2006 MySQL server has gone away'));
        $this->get('/away')->assertStatus(503)->assertSee('The database does not answer')->assertHeader('Retry-After', '5');
        $this->getJson('/away')->assertStatus(503);
        $this->get('/away', ['X-Inertia' => 'true', 'X-Inertia-Version' => (string) Inertia::getVersion()])
            ->assertStatus(503)
            ->assertJsonPath('component', 'house/Error')
            ->assertJsonPath('props.why', 'database');
    }

    #[Test]
    public function after_it_did_not_answer_nothing_is_asked_for_a_while(): void
    {
        $connection = DB::connection();
        $tries = 0;
        $ask = function () use (&$tries): never {
            $tries++;
            throw new PDOException('SQLSTATE[HY000] [2006] MySQL server has gone away');
        };
        $run = fn () => (fn () => $this->run('select 1', [], $ask))->call($connection);
        (fn () => $this->transactions = 0)->call($connection);
        try {
            rescue($run, fn (\Throwable $e) => self::assertInstanceOf(QueryException::class, $e), report: false);
            rescue($run, fn (\Throwable $e) => self::assertInstanceOf(DatabaseAway::class, $e), report: false);
            self::assertSame(1, $tries);
        } finally {
            DB::purge();
        }
    }

    #[Test]
    #[DataProvider('refused')]
    public function what_the_database_does_not_take_is_refused_in_words(int $code, bool $isSaid): void
    {
        Route::middleware('web')->post('/keep', fn () => throw self::fault($code, 'no'));
        if (! $isSaid) {
            $this->expectException(QueryException::class);
        }
        $this->postJson('/keep')->assertStatus(422)->assertJsonValidationErrors('form');
    }

    /** @return iterable<string, array{int, bool}> */
    public static function refused(): iterable
    {
        yield 'too great' => [1264, true];
        yield 'too long' => [1406, true];
        yield 'no day' => [1292, true];
        yield 'there already' => [1062, true];
        yield 'points nowhere' => [1452, true];
        yield 'an error of ours' => [1054, false];
    }

    #[Test]
    public function where_no_page_can_be_drawn_the_error_is_still_said_and_only_once(): void
    {
        View::composer('app', fn () => throw new \RuntimeException('no build'));
        Route::middleware('web')->get('/broken', fn () => abort(404));
        $this->get('/broken')->assertNotFound()->assertSee('Not Found');
    }

    #[Test]
    public function a_disk_almost_full_takes_nothing_new_and_shows_everything(): void
    {
        config()->set('velbrin.disk_floor_mb', 2_000_000_000);
        $planner = $this->actingAs(self::user('planner'));
        $planner->post('/clients', ['name' => 'Late'])->assertStatus(507);
        self::assertSame(0, Client::query()->count());
        $planner->get('/places')->assertOk();
        config()->set('velbrin.disk_floor_mb', 0);
        $planner->post('/clients', ['name' => 'Late'])->assertRedirect();
    }
}
