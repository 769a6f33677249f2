<?php

declare(strict_types=1);

namespace App\Reports\Views;

use App\Reports\Report;

final readonly class ReportLineView
{
    private function __construct(
        public int $id,
        public string $place,
        public string $client,
        public string $visitedOn,
        public string $by,
        public ?string $sentOn,
    ) {
    }

    /** The report is loaded with visit and site.client. */
    public static function of(Report $r): self
    {
        $by = $r->content['by'] ?? '';

        return new self(
            $r->id,
            (string) $r->site?->name,
            (string) $r->site?->client?->name,
            ($r->visit->closed_at ?? ($r->created_at ?? now()))->toIso8601ZuluString(),
            is_string($by) ? $by : '',
            $r->sent_at?->toIso8601ZuluString(),
        );
    }
}
