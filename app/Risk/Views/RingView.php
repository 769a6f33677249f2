<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\Clients\Contact;
use App\Clients\Site;
use App\Team\User;
use Illuminate\Support\Collection;

/** Whom to ring about a place at night, in order, and who lets one in. */
final readonly class RingView
{
    /** @param  list<array{name: string, phone: string|null, what: string}>  $people */
    private function __construct(public array $people, public string $key)
    {
    }

    /**
     * @param  list<User>  $onCall  first to last
     * @param  Collection<int, Contact>  $contacts  of the client, with numbers, key holders first
     */
    public static function of(Site $site, array $onCall, Collection $contacts): self
    {
        $here = $contacts->filter(fn (Contact $c): bool => $c->site_id === null || $c->site_id === $site->id)->take(2);
        $people = [
            ...array_map(fn (User $u, int $n): array => ['name' => $u->name, 'phone' => $u->phone, 'what' => $n === 0 ? 'on call' : 'next'], array_slice($onCall, 0, 2), array_keys(array_slice($onCall, 0, 2))),
            ...array_values($here->map(fn (Contact $c): array => ['name' => $c->name, 'phone' => $c->phone, 'what' => implode(', ', array_filter([$c->role, $c->holds_key ? 'has a key' : null]))])->all()),
        ];
        $holder = $here->first(fn (Contact $c): bool => $c->holds_key);

        return new self($people, match (true) {
            (bool) $site->we_hold_key => 'we hold a key', $holder !== null => "{$holder->name} has a key", default => 'nobody named has a key',
        });
    }
}
