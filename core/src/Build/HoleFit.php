<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** What stands between a hole's centre and the nearest edge, and the hole it is tightest to, mm. */
final readonly class HoleFit
{
    public function __construct(
        public int $row,
        public Hole $hole,
        public float $edgeMm,
        public float $edgeNeedMm,
        /** Centre to centre; null when it is alone in its pane. */
        public ?float $nextMm,
        public ?float $nextNeedMm,
        public ?int $nextRow,
    ) {
    }

    /** The smallest room left over what is asked, mm; below zero it is short. */
    public function spareMm(): float
    {
        return min(
            $this->edgeMm - $this->edgeNeedMm,
            $this->nextMm === null || $this->nextNeedMm === null ? INF : $this->nextMm - $this->nextNeedMm,
        );
    }
}
