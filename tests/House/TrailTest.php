<?php

declare(strict_types=1);

namespace Tests\House;

use App\Clients\Client;
use App\House\Erasure;
use App\House\Ledger;
use App\House\LedgerCheck;
use App\House\Trail;
use App\House\TrailLine;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** The trail misses nothing people argue about, and whoever changes it afterwards is found. */
final class TrailTest extends TestCase
{
    private function written(int $lines): void
    {
        $this->travel(-10)->minutes();
        for ($n = 0; $n < $lines; $n++) {
            Trail::write("line {$n}", 'test', null, ['n' => $n, 'word' => 'Öl ≥ 3 %']);
        }
        $this->travelBack();
    }

    #[Test]
    public function a_trail_left_alone_holds_sealed_and_unsealed(): void
    {
        $this->written(7);
        self::assertSame(7, Ledger::seal());
        self::assertSame(0, Ledger::seal());
        // Not settled yet: no seal over what a transaction may still be writing, to the second.
        $this->freezeSecond();
        Trail::write('just now', 'test');
        $this->travel(300)->seconds();
        self::assertSame(0, Ledger::seal());
        $check = LedgerCheck::run();
        self::assertSame([[], 8, 7, 0], [$check->faults, $check->lines, $check->sealed, $check->erased]);
        $this->artisan('velbrin:audit-verify')->assertSuccessful();
        $this->travel(1)->seconds();
        self::assertSame(1, Ledger::seal());
    }

    #[Test]
    public function seals_of_before_the_key_was_exchanged_hold_while_it_is_named(): void
    {
        $this->written(3);
        Ledger::seal();
        $old = config()->string('app.key');
        config()->set(['app.key' => 'base64:'.base64_encode(str_repeat('n', 32)), 'app.previous_keys' => [$old]]);
        $this->written(2);
        self::assertSame(2, Ledger::seal());
        self::assertSame([], LedgerCheck::run()->faults);
        config()->set('app.previous_keys', []);
        self::assertCount(1, LedgerCheck::run()->faults);
    }

    /** @param  \Closure(): mixed  $tamper */
    #[Test]
    #[DataProvider('tampering')]
    public function a_change_planted_afterwards_is_found(\Closure $tamper, string $said): void
    {
        $this->written(5);
        Ledger::seal();
        self::assertSame([], LedgerCheck::run()->faults);
        $tamper();
        self::assertStringContainsString($said, implode("\n", LedgerCheck::run()->faults));
        $this->artisan('velbrin:audit-verify')->assertFailed();
    }

    /** @return iterable<string, array{\Closure, string}> */
    public static function tampering(): iterable
    {
        $line = fn () => DB::table('activity_log')->where('description', 'line 2');
        yield 'other values' => [fn () => $line()->update(['properties' => '{"n":99}']), 'was changed'];
        yield 'another time' => [fn () => $line()->update(['created_at' => '2020-01-01 00:00:00']), 'was changed'];
        yield 'another doer' => [fn () => $line()->update(['causer_type' => 'user', 'causer_id' => 1]), 'was changed'];
        yield 'a line gone' => [fn () => $line()->delete(), 'has lost its line'];
        yield 'values emptied without an erasure' => [
            fn () => $line()->update(['properties' => null, 'salt' => null]),
            'no erasure says so',
        ];
        yield 'an erasure that names another line' => [
            function () use ($line): void {
                Erasure::ofLines(TrailLine::query()->where('description', 'line 1'), 'as asked');
                $by = DB::table('activity_log')->where('event', Erasure::EVENT)->value('trail_id');
                $line()->update(['properties' => null, 'salt' => null, 'erased_by' => $by]);
            },
            'no erasure says so',
        ];
        yield 'a line without a place in the ledger' => [
            fn () => DB::table('activity_log')->insert(['description' => 'never', 'created_at' => now()]),
            'was planted',
        ];
        yield 'a line with a place of its own making' => [
            fn () => DB::table('activity_log')->insert([
                'description' => 'never',
                'trail_id' => str_repeat('0', 26),
                'salt' => 'x',
                'created_at' => now(),
            ]),
            'was planted',
        ];
    }

    #[Test]
    public function an_erasure_takes_the_values_and_the_proof_still_holds(): void
    {
        $this->written(4);
        Ledger::seal();
        self::assertSame(1, Erasure::ofLines(TrailLine::query()->where('description', 'line 3'), 'as the client asked'));
        self::assertSame(0, Erasure::ofLines(TrailLine::query()->where('description', 'line 3'), 'again'));
        self::assertNull(TrailLine::query()->where('description', 'line 3')->value('properties'));
        $check = LedgerCheck::run();
        self::assertSame([[], 1], [$check->faults, $check->erased]);
    }

    #[Test]
    #[DataProvider('forbidden')]
    public function the_application_can_neither_change_nor_take_from_the_ledger(string $statement): void
    {
        $this->written(1);
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('denied');
        // On a connection of its own: some of these would end this test's transaction.
        config()->set('database.connections.beside', config()->array('database.connections.mariadb'));
        DB::connection('beside')->statement(str_replace('LEDGER', Ledger::database(), $statement));
    }

    /** @return iterable<string, array{string}> */
    public static function forbidden(): iterable
    {
        yield 'change an entry' => ["UPDATE LEDGER.entries SET digest = 'x'"];
        yield 'take an entry' => ['DELETE FROM LEDGER.entries'];
        yield 'empty it' => ['TRUNCATE LEDGER.entries'];
        yield 'change a seal' => ["UPDATE LEDGER.seals SET digest = 'x'"];
        yield 'drop it' => ['DROP TABLE LEDGER.entries'];
        yield 'another beside it' => ['CREATE TABLE LEDGER.more (id INT)'];
    }

    #[Test]
    public function what_people_argue_about_is_written(): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class]);
        config()->set('mail.default', 'catcher');
        $owner = self::user('owner');
        $planner = self::user('planner');
        $site = self::site();
        $system = Fixture::system($site, $planner, 'Reef');
        $seen = fn (): array => TrailLine::query()
            ->orderBy('id')
            ->get()
            ->map(fn (TrailLine $l): string => "{$l->event} {$l->subject_type}")
            ->all();
        $from = count($seen());
        $contact = $site->client()->firstOrFail()->contacts()->create(['name' => 'Tove', 'role' => 'owner']);
        $note = $system->standingNotes()->create(['text' => 'a', 'user_id' => $planner->id]);
        $this->actingAs($planner)->post("/contacts/{$contact->id}/archive");
        $this->post("/notes/{$note->id}/archive");
        $this->actingAs($owner)->post('/settings/people', ['name' => 'Nils', 'email' => 'nils@test.example', 'role' => 'technician']);
        $this->actingAs($planner)->get('/settings/people')->assertForbidden();
        $this->get('/settings/people')->assertForbidden();
        $this->get("/systems/{$system->id}/readings.csv")->assertOk();
        $this->get("/systems/{$system->id}/readings.csv")->assertOk();
        $new = array_slice($seen(), $from);
        $expected = ['archived contact', 'archived standing_note', 'created user', 'refused ', 'export '];
        self::assertSame($expected, array_values(array_intersect($new, $expected)), implode(', ', $new));
        self::assertSame(1, count(array_keys($new, 'refused ', true)), 'the same within a minute is one line');
        $made = TrailLine::query()->where('event', 'created')->where('subject_type', 'user')->latest('id')->value('properties');
        self::assertStringContainsString('nils@test.example', (string) $made);
        self::assertStringNotContainsString('password', (string) $made);
    }

    #[Test]
    public function the_page_shows_one_kind_of_line_and_what_is_left_of_an_erased_one(): void
    {
        $owner = self::user('owner');
        Trail::write('signed in', 'sign-in', $owner, ['from' => '203.0.113.9']);
        Trail::write('left the house', 'export', null, ['path' => '/prices.csv', 'method' => 'GET']);
        $lines = fn (string $what): array => self::props($this->actingAs($owner)->get("/settings/audit?what={$what}"))['lines'];
        self::assertSame([['from: 203.0.113.9']], array_column($lines('doors'), 'changes'));
        self::assertSame([['page: /prices.csv']], array_column($lines('left'), 'changes'));
        self::assertGreaterThanOrEqual(3, count($lines('nonsense')));
        Erasure::ofLines(TrailLine::query()->where('event', 'sign-in'), 'as asked');
        self::assertSame([['what it said was erased']], array_column($lines('doors'), 'changes'));
    }

    #[Test]
    public function a_write_that_is_rolled_back_leaves_nothing_in_the_ledger(): void
    {
        $before = Ledger::entries()->count();
        rescue(fn () => DB::transaction(function (): never {
            Client::query()->create(['name' => 'Never']);
            throw new \RuntimeException('no');
        }), report: false);
        self::assertSame($before, Ledger::entries()->count());
        Client::query()->create(['name' => 'Kept']);
        self::assertSame($before + 1, Ledger::entries()->count());
    }
}
