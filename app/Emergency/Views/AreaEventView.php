<?php

declare(strict_types=1);

namespace App\Emergency\Views;

use App\Emergency\AreaEvent;

/** Something that comes over an area, as it was written down. */
final readonly class AreaEventView
{
    /** @param  list<string>  $towns */
    private function __construct(
        public int $id,
        public string $kind,
        public array $towns,
        public string $startsAt,
        public string $endsAt,
        public ?float $darkH,
        public ?float $outsideC,
        public ?string $words,
        public string $asks,
        public bool $isCalledOff,
        public bool $hasJobs,
    ) {
    }

    public static function of(AreaEvent $event): self
    {
        return new self(
            id: $event->id,
            kind: $event->kind->label(),
            towns: $event->towns,
            startsAt: $event->starts_at->toIso8601ZuluString(),
            endsAt: $event->ends_at->toIso8601ZuluString(),
            darkH: $event->dark_h,
            outsideC: $event->outside_c,
            words: $event->words,
            asks: $event->kind->asks(),
            isCalledOff: $event->called_off_at !== null,
            hasJobs: $event->tasks_at !== null,
        );
    }
}
