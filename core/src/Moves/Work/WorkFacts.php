<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What a work is planned with. */
final readonly class WorkFacts
{
    /**
     * @param  float|null  $flowLh  the return is planned to give
     * @param  float  $gasketSeatMm  of the bulkheads: a chip ends before half of it (P-24)
     * @param  float  $cureH  of the glue or sealant, by its packet
     * @param  float  $leakH  the leak test lasts (P-3)
     * @param  int|null  $corals  that are glued again
     * @param  bool|null  $hadCopper  whether copper was ever in the tank; null: nobody knows
     *
     * @throws OutOfRange
     */
    public function __construct(
        public ?float $flowLh = null,
        public float $gasketSeatMm = 8.0,
        public float $cureH = 72.0,
        public float $leakH = 24.0,
        public ?int $corals = null,
        public ?bool $hadCopper = null,
    ) {
        Guard::within('gasketSeatMm', $gasketSeatMm, 1, 100);
        Guard::within('cureH', $cureH, 1, 720);
        Guard::within('leakH', $leakH, 24, 168);
        if ($flowLh !== null) {
            Guard::positive('flowLh', $flowLh);
        }
        if ($corals !== null) {
            Guard::within('corals', (float) $corals, 1, 10_000);
        }
    }
}
