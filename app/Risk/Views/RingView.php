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
        $people = [];
        foreach (array_slice($onCall, 0, 2) as $n => $user) {
            $people[] = ['name' => $user->name, 'phone' => $user->phone, 'what' => $n === 0 ? 'on call' : 'next'];
        }
        foreach ($here as $contact) {
            $what = implode(', ', array_filter([$contact->role, $contact->holds_key ? 'has a key' : null]));
            $people[] = ['name' => $contact->name, 'phone' => $contact->phone, 'what' => $what];
        }
        $holder = $here->first(fn (Contact $c): bool => $c->holds_key);

        return new self(
            $people,
            match (true) {
                (bool) $site->we_hold_key => 'we hold a key',
                $holder !== null => "{$holder->name} has a key",
                default => 'nobody named has a key',
            },
        );
    }
}
