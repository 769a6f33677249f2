<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\House\Days;
use App\Moves\Move;
use Velbrin\Core\Moves\MoveState;

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
        public string $state,
        public string $stateLabel,
        public bool $isToday,
        public ?string $worst,
        public int $stops,
        public ?string $done,
    ) {
    }

    /** The move is loaded with from and to. */
    public static function of(Move $move, MoveState $state, ?string $worst, int $stops, ?string $done): self
    {
        return new self(
            id: $move->id,
            name: $move->name,
            kind: $move->kind->label(),
            on: $move->on?->toDateString(),
            from: (string) $move->from?->name,
            to: $move->to?->name,
            state: $state->value,
            stateLabel: $state->label(),
            isToday: $move->closed_at === null && $move->on?->toDateString() === Days::text(),
            worst: $worst,
            stops: $stops,
            done: $done,
        );
    }
}
