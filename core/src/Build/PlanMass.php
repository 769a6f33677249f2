<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Seawater;

/** Everything that stands on the floor, kg (B-10). Water is counted once. */
final readonly class PlanMass
{
    public const PEOPLE_KG = 100.0;

    private function __construct(
        public float $vesselsKg,
        public float $waterKg,
        public float $rockKg,
        public float $sandKg,
        public float $standKg,
        public float $equipmentKg,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts): self
    {
        $display = DisplayTank::of($facts);
        // The panes weigh by what they are of.
        $facts->word(F::Material);
        // A sump a storey below loads its own floor.
        $isHere = ! Storeys::isBelow($facts);
        $sumpKg = $isHere && SumpWater::isDescribed($facts) ? SumpWater::of($facts)->vessel->massKg() : 0.0;
        $density = Seawater::at($facts->number(F::Salinity), $facts->number(F::SetpointC))->densityKgM3() / 1000;

        return new self(
            $display->vessel->massKg() + $sumpKg,
            ($isHere ? Volumes::standL($facts) : Volumes::displayL($facts)) * $density,
            $facts->number(F::RockKg),
            $display->volume($facts)->sandKg,
            $facts->number(F::StandKg),
            $facts->number(F::EquipmentKg),
        );
    }

    public function totalKg(): float
    {
        return $this->vesselsKg +
            $this->waterKg +
            $this->rockKg +
            $this->sandKg +
            $this->standKg +
            $this->equipmentKg +
            self::PEOPLE_KG;
    }
}
