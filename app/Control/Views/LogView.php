<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\Control\Controller;
use App\Control\Link\LinkDevice;

/** A log that was taken in from a file. */
final readonly class LogView
{
    private const MOST = 30;

    private function __construct(
        public int $id,
        public string $name,
        public int $rows,
        public ?string $from,
        public ?string $to,
        public string $takenInAt,
        public string $by,
        public ?string $takenBackAt,
        public ?string $because,
    ) {
    }

    /** @return list<self> the newest first */
    public static function all(Controller $controller): array
    {
        return array_values(LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->where('kind', LinkDevice::FILE)
            ->with('user')
            ->latest('id')
            ->limit(self::MOST)
            ->get()
            ->map(fn (LinkDevice $d): self => new self(
                id: $d->id,
                name: $d->name,
                rows: $d->log_rows ?? 0,
                from: $d->log_from?->toIso8601ZuluString(),
                to: $d->log_to?->toIso8601ZuluString(),
                takenInAt: (string) $d->created_at?->toIso8601ZuluString(),
                by: (string) $d->user?->name,
                takenBackAt: $d->taken_back_at?->toIso8601ZuluString(),
                because: $d->taken_back_because,
            ))
            ->all());
    }
}
