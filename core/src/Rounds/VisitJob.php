<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Water\Hose;

/** One job of a visit, as far as the visit has to carry it: time, water, weight, people, days. */
final readonly class VisitJob
{
    public function __construct(
        /** At the tank, without the water's own minutes. */
        public float $minutes,
        public Window $window,
        /** Drained and filled again. */
        public float $changeL = 0,
        /** False: the place makes the water itself. */
        public bool $bringsWater = true,
        public float $hoseLh = Hose::USUAL_LH,
        /** Sand, media, parts. */
        public float $kg = 0,
        public int $persons = 1,
        public ?string $skill = null,
    ) {
    }
}
