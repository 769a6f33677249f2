<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** Somebody of the team. */
final readonly class Mover
{
    /** @param  list<string>  $skills */
    public function __construct(
        public string $id,
        public string $label,
        public float $limitKg,
        public array $skills,
        /** There from then, and until then, min of the day; null: all of it. */
        public ?int $fromMin = null,
        public ?int $untilMin = null,
        /** Takes the wheel. */
        public bool $isDriver = false,
    ) {
    }
}
