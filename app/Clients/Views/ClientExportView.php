<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Data\ClientExport;

/** One file of a client's data. */
final readonly class ClientExportView
{
    private function __construct(
        public int $id,
        /** waiting, ready, failed or gone. */
        public string $state,
        public int $percent,
        public ?int $kb,
        public string $by,
        public string $at,
    ) {
    }

    public static function of(ClientExport $export): self
    {
        return new self(
            id: $export->id,
            state: $export->state,
            percent: $export->percent,
            kb: $export->bytes === null ? null : (int) ceil($export->bytes / 1000),
            by: (string) $export->user?->name,
            at: $export->created_at?->toIso8601ZuluString() ?? '',
        );
    }
}
