<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** Pump and line on one chart, in the core’s units; the screen scales and converts. */
final readonly class PumpChartView
{
    /**
     * @param  list<array{flowLh: float, pumpM: float, lineM: float}>  $points
     * @param  list<string>  $outlets  what each brings
     */
    private function __construct(
        public array $points,
        public float $flowLh,
        public float $headM,
        public float $plannedLh,
        public float $plannedHeadM,
        public string $meets,
        public array $outlets,
    ) {
    }

    public static function of(PumpChart $c, Units $units): self
    {
        return new self(
            $c->points,
            $c->meets->flowLh,
            $c->meets->headM,
            $c->plannedLh,
            $c->plannedHeadM,
            $units->show(Quantity::of($c->meets->flowLh, Kind::Flow)).
                ' at '.
                $units->show(Quantity::of($c->meets->headM, Kind::Height)),
            array_map(fn (float $q): string => $units->show(Quantity::of($q, Kind::Flow)), $c->outletsLh),
        );
    }
}
