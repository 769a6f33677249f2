<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Client;
use App\Clients\Contact;
use App\Clients\Site;
use App\Team\User;

final readonly class ClientView
{
    /**
     * @param  list<SiteLineView>  $sites
     * @param  list<ContactView>  $contacts
     */
    private function __construct(
        public int $id,
        public string $name,
        public ?string $note,
        public array $sites,
        public array $contacts,
        public bool $mayTakeOut,
    ) {
    }

    /** @param  array<string, array<int, int>>  $counts by content, then site */
    public static function of(Client $client, array $counts, User $user): self
    {
        return new self(
            $client->id,
            $client->name,
            $client->note,
            array_values($client->sites->map(fn (Site $s): SiteLineView => SiteLineView::of($s, $counts))->all()),
            array_values($client->contacts->map(fn (Contact $c): ContactView => ContactView::of($c))->all()),
            $user->can('takeOut', $client),
        );
    }
}
