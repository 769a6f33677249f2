<?php

declare(strict_types=1);

namespace Tests\Front;

use App\Build\Price;
use App\Clients\Client;
use App\Clients\Site;
use App\Systems\Item;
use App\Systems\StandingNote;
use App\Systems\System;
use App\Team\User;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\TestCase;

/**
 * Field by field on every page of the router: what a role must not read stands in no answer it gets, whoever the records belong to.
 */
final class FieldsTest extends TestCase
{
    use EveryRoute;

    /** Signs that stand for themselves wherever they turn up, as numbers and as written for people. */
    private const SIGNS = [
        'price' => ['13377', '133.77'],
        'budget' => ['987654300', '9 876 543'],
        'what a device cost' => ['7713100', '77 131.00'],
        'code' => ['door-sign-4711'],
        'client note' => ['between ourselves about them'],
        'standing note' => ['standing between ourselves'],
        'way in' => ['ring at the sign'],
        'name of the other' => ['Someone Elsewhere'],
    ];

    #[Test]
    public function what_a_role_must_not_read_stands_in_no_answer(): void
    {
        $this->withoutMiddleware([ThrottleRequests::class]);
        config()->set('mail.default', 'catcher');
        Price::query()->updateOrCreate(['key' => 'rock'], ['minor' => 13_377]);
        $found = [];
        foreach ($this->routes() as $route) {
            if ($route->methods()[0] !== 'GET' || in_array('guest', $route->gatherMiddleware(), true)) {
                continue;
            }
            [$uri, $mine, $other] = $this->world($route);
            self::markUp($mine, $other);
            foreach (self::readers() as $who => [$role, $isOwnClient]) {
                DB::beginTransaction();
                $user = match (true) {
                    $role !== 'client' => self::user($role),
                    default => self::user('client', $isOwnClient ? $mine : $other),
                };
                if ($role === 'client' && ! $isOwnClient) {
                    Client::query()->whereKey($mine)->update(['name' => "Someone Elsewhere {$mine}"]);
                }
                foreach (self::signsIn($this->actingAs($user)->get($uri)) as $what) {
                    $found[$who][$what][] = (string) $route->getName();
                }
                DB::rollBack();
            }
        }
        foreach (self::readers() as $who => [, , $hidden, $seen]) {
            self::assertSame([], array_intersect_key($found[$who] ?? [], array_flip($hidden)), $who);
            foreach ($seen as $what) {
                self::assertArrayHasKey($what, $found[$who] ?? [], "{$who}: a sign nobody reads proves nothing");
            }
        }
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return list<string> what is said by its sign
     */
    private static function signsIn(TestResponse $answer): array
    {
        $said = $answer->baseResponse instanceof StreamedResponse ? $answer->streamedContent() : (string) $answer->getContent();
        // Not inside a longer number: hours have many digits.
        $stands = fn (string $sign): bool => preg_match('/(?<![\d.])'.preg_quote($sign, '/').'(?!\d)/', $said) === 1;

        return array_keys(array_filter(self::SIGNS, fn (array $signs): bool => array_filter($signs, $stands) !== []));
    }

    /** @return iterable<string, array{string, bool, list<string>, list<string>}> who, whose, hidden, seen */
    private static function readers(): iterable
    {
        $money = ['price', 'budget', 'what a device cost'];
        $between = ['code', 'client note', 'standing note', 'way in'];
        yield 'an owner' => ['owner', false, ['code'], [...$money, 'client note', 'standing note', 'way in']];
        yield 'a technician' => ['technician', false, [...$money, 'code'], ['standing note', 'way in']];
        yield 'the client' => ['client', true, [...$money, ...$between], []];
        yield 'another client' => ['client', false, [...$money, ...$between, 'name of the other'], []];
    }

    private static function markUp(int $mine, int $other): void
    {
        Client::query()->whereKey([$mine, $other])->update(['note' => 'between ourselves about them']);
        foreach (Site::query()->where('client_id', $mine)->get() as $site) {
            $site->update(['access_note' => 'ring at the sign', 'enquiry' => ['built' => 'yes', 'budget_minor' => 987_654_300]]);
            $site->codes()->create(['label' => 'Gate', 'code' => 'door-sign-4711']);
            foreach (System::query()->where('site_id', $site->id)->get() as $system) {
                Item::query()->create([
                    'system_id' => $system->id,
                    'job' => 'heater',
                    'name' => 'H',
                    'watts' => 100,
                    'price_minor' => 7_713_100,
                ]);
                StandingNote::query()->create([
                    'system_id' => $system->id,
                    'text' => 'standing between ourselves',
                    'user_id' => User::query()->where('role', 'planner')->value('id'),
                ]);
            }
        }
    }
}
