<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Clients\Contact;
use App\Rounds\BoardLog;
use App\Rounds\BoardMove;

/** A client who expects us at another hour than we now come. */
final readonly class TellView
{
    private function __construct(
        public int $id,
        public int $visitId,
        public string $place,
        public string $client,
        public string $words,
        public ?string $contact,
        public ?string $phone,
    ) {
    }

    /** The move is loaded with visit.site.client.contacts and visit.crew. */
    public static function of(BoardMove $move): self
    {
        $site = $move->visit?->site;
        $contact = $site?->client?->contacts
            ->filter(fn (Contact $c): bool => $c->archived_at === null)
            ->sortByDesc('phone')
            ->first();
        $crews = collect(array_filter([$move->visit?->crew]));

        return new self(
            $move->id,
            $move->visit_id,
            (string) $site?->name,
            (string) $site?->client?->name,
            BoardLog::between([...$move->was, 'crew_id' => null], [...$move->became, 'crew_id' => null], $crews),
            $contact?->name,
            $contact?->phone,
        );
    }
}
