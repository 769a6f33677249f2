<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** How long animals may be in a box: from the beginning of one step to the end of another. */
final readonly class Clock
{
    /** @param  string|null  $box  whose animals are counted; null: it goes by its steps alone */
    public function __construct(
        public string $label,
        public string $from,
        public string $until,
        public int $minutes,
        public ?string $box = null,
    ) {
    }
}
