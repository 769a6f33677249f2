<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** Where animals stay if it does not go on, or until it does (M-1, M-16). */
final readonly class Holding
{
    /**
     * @param  bool  $isProved  filled, measured, and warm for twelve hours on its stand
     * @param  bool  $isLit  enough for corals
     * @param  string|null  $place  whose it stands at
     */
    public function __construct(
        public ?float $litres,
        public ?float $heaterW,
        public bool $isAired,
        public bool $isLidded,
        public bool $isBorne,
        public bool $isProved,
        public ?string $person,
        public float $cleared,
        public float $everyH,
        public bool $isLit = false,
        public ?string $place = null,
    ) {
    }
}
