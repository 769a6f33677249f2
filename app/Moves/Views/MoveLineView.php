<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Move;

/** A move in the list. */
final readonly class MoveLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public ?string $on,
        public string $from,
        public ?string $to,
        /** planned, today, under way, closed */
        public string $state,
        public ?string $worst,
        public int $stops,
        public ?string $done,
    ) {
    }

    /** The move is loaded with from and to. */
    public static function of(Move $move, string $state, ?string $worst, int $stops, ?string $done): self
    {
        return new self(
            id: $move->id,
            name: $move->name,
            kind: $move->kind->label(),
            on: $move->on?->toDateString(),
            from: (string) $move->from?->name,
            to: $move->to?->name,
            state: $state,
            worst: $worst,
            stops: $stops,
            done: $done,
        );
    }
}
