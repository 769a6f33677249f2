<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** The water that is kept and the water that is new. */
final readonly class Waters
{
    /**
     * @param  array<string, float>  $old  by parameter
     * @param  array<string, float>  $fresh
     * @param  array<string, float>  $limits  how far each may go
     * @param  float|null  $glueMin  that glue at the pipes cures before water presses on it, by its tin; null: nothing is glued
     */
    public function __construct(
        public ?float $oldL,
        public ?float $newL,
        public ?float $drainLh,
        public ?float $fillLh,
        public array $old,
        public array $fresh,
        public array $limits,
        public float $totalAmmoniaMgL,
        public ?float $glueMin = null,
    ) {
    }
}
