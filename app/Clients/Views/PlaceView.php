<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Client;
use App\Clients\Site;

/** A client with its places, as a line of the list. */
final readonly class PlaceView
{
    /** @param  list<SiteLineView>  $sites */
    private function __construct(public int $id, public string $name, public array $sites)
    {
    }

    /** @param  array<string, array<int, int>>  $counts by content, then site */
    public static function of(Client $client, array $counts): self
    {
        return new self(
            $client->id,
            $client->name,
            array_values($client->sites->map(fn (Site $s): SiteLineView => SiteLineView::of($s, $counts))->all()),
        );
    }
}
