<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

/** A way of keeping a system, judged by the same arithmetic as any other (R-32). */
final readonly class School
{
    /** As the register has it. */
    public const STANDS = 'stands';

    /** Fewest devices, much attention: no controller, and whatever helps without adding one. */
    public const SIMPLE = 'simple';

    /** Controller, doubles, alarms: everything that fits. */
    public const LAYERED = 'layered';

    /**
     * @param  string  $name  one of the names above
     * @param  float  $year  loss, or harms where nobody said what is at stake
     * @param  list<MeasureKind>  $measures  taken for it
     * @param  float  $upkeepMin  minutes a year more
     * @param  int  $devices  more to live with; below 0: fewer
     */
    public function __construct(
        public string $name,
        public float $year,
        public array $measures,
        public float $upkeepMin,
        public int $devices,
    ) {
    }
}
