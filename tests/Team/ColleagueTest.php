<?php

declare(strict_types=1);

namespace Tests\Team;

use App\Team\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A client's person, or one who is locked out, never drives, answers the phone or owes us a look. */
final class ColleagueTest extends TestCase
{
    #[Test]
    #[DataProvider('places')]
    public function only_one_of_ours_is_taken(string $method, string $url, string $field, array $given): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class]);
        $planner = self::user('planner');
        $system = Fixture::system(self::site(), $planner, 'Reef');
        $given = array_map(fn (mixed $v): mixed => match ($v) {
            'depot' => Fixture::depot()->id,
            'vehicle' => Fixture::crew()->vehicle_id,
            default => $v,
        }, $given);
        $url = str_replace(['{system}', '{site}'], [(string) $system->id, (string) $system->site_id], $url);
        $key = str_replace('.*', '.0', $field);
        $try = function (User $who) use ($planner, $method, $url, $field, $given) {
            $value = str_ends_with($field, '.*') ? [$who->id] : $who->id;

            return $this->actingAs($planner)->call($method, $url, [...$given, str_replace('.*', '', $field) => $value]);
        };
        $left = self::user('technician');
        $left->archive();
        foreach ([self::user('client', $system->site?->client_id), $left] as $nobody) {
            $try($nobody)->assertSessionHasErrors($key);
        }
        $try(self::user('technician'))->assertSessionDoesntHaveErrors($key);
    }

    /** @return iterable<string, array{string, string, string, array<string, mixed>}> */
    public static function places(): iterable
    {
        $week = ['from_on' => '2030-01-01', 'until_on' => '2030-01-07', 'position' => 1];
        yield 'on call' => ['POST', '/rounds/roster/on-call', 'user_id', $week];
        yield 'crew' => ['POST', '/rounds/crews', 'members.*', ['name' => 'Van', 'depot_id' => 'depot', 'vehicle_id' => 'vehicle']];
        yield 'called by an alarm' => ['POST', '/systems/{system}/alarms', 'calls.*', ['name' => 'A', 'watches' => ['heater-on']]];
        yield 'owes a follow-up' => ['POST', '/systems/{system}/follow-ups', 'owner_id', ['text' => 'look', 'due_on' => '2030-01-01']];
        yield 'keeps a system' => ['PUT', '/systems/{system}', 'keeper_id', []];
        yield 'is ill' => ['POST', '/rounds/sick', 'who', []];
        yield 'judges a trial' => ['POST', '/systems/{system}/trials', 'owner_id', []];
        yield 'is wished for' => ['POST', '/sites/{site}/wishes', 'person_id', ['text' => 'always']];
    }
}
