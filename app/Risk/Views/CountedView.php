<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Rate\Counted;

/** What the company's own devices say of one life. */
final readonly class CountedView
{
    private function __construct(
        public int $failures,
        public float $deviceYears,
        public ?float $years,
        public float $lowYears,
        public ?float $highYears,
        public bool $isEnough,
    ) {
    }

    public static function of(Counted $counted): self
    {
        $year = fn (?float $v): ?float => $v === null ? null : round($v, 1);

        return new self(
            failures: $counted->failures,
            deviceYears: round($counted->deviceYears),
            years: $year($counted->scaleYears),
            lowYears: round($counted->lowYears, 1),
            highYears: $year($counted->highYears),
            isEnough: $counted->isEnough(),
        );
    }
}
