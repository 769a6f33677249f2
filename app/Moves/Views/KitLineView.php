<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Day\KitCount;

/** A line of what is taken along, and what was said of it on the day. */
final readonly class KitLineView
{
    private function __construct(
        public string $code,
        public string $what,
        public ?int $count,
        public string $why,
        public ?string $owner,
        /** Null: nobody has said it is packed. */
        public ?int $taken,
        /** Null: nobody has counted it back. */
        public ?int $back,
    ) {
    }

    public static function of(PackingLine $line, KitCount $count): self
    {
        return new self(
            code: $line->code,
            what: $line->what,
            count: $line->count,
            why: $line->why,
            owner: $line->owner,
            taken: $count->taken[$line->code] ?? null,
            back: $count->back[$line->code] ?? null,
        );
    }
}
