<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\PowerCutRoom;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\OutOfRange;

/** Turns what is known of a system into what a run plays: display, sump, room. Devices, probes and life are laid in by whoever asks. */
final class PlantFacts
{
    /** The display’s film of water runs down to here where nobody has said how deep a return line draws, mm. */
    private const NO_SIPHON_MM = 0.0;

    /**
     * @return array{display: array<string, float>, sump?: array<string, float>, room: array<string, float>} as PlantReader reads them
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts, float $roomC): array
    {
        $hasSump = SumpWater::isDescribed($facts) && Overflow::isDescribed($facts);
        [$above, $below] = $hasSump ? Warmth::apart($facts) : [null, null];
        $whole = Warmth::heat($facts);

        return [
            'display' => $hasSump ? self::overflowing($facts) : self::alone($facts),
            ...$hasSump ? ['sump' => self::sump($facts)] : [],
            'room' => array_filter([
                'roomC' => $roomC,
                'humidityPct' => $whole->humidityPct,
                'displayWK' => self::share($whole, $above, $below)[0],
                'sumpWK' => self::share($whole, $above, $below)[1],
                'openM2' => $above->evaporatingM2 ?? $whole->evaporatingM2,
                'sumpOpenM2' => $below->evaporatingM2 ?? 0.0,
            ], fn (float $v): bool => $v >= 0),
        ];
    }

    /**
     * What was measured of the whole is parted as the walls and surfaces are.
     *
     * @return array{0: float, 1: float} W/K
     */
    private static function share(TankHeat $whole, ?TankHeat $above, ?TankHeat $below): array
    {
        if ($above === null || $below === null) {
            return [$whole->coldUaWK, 0.0];
        }
        $both = $above->coldUaWK + $below->coldUaWK;

        return [($whole->coldUaWK * $above->coldUaWK) / $both, ($whole->coldUaWK * $below->coldUaWK) / $both];
    }

    /** @return array<string, float> */
    private static function alone(Facts $facts): array
    {
        $tank = DisplayTank::of($facts);

        return [
            'areaM2' => $tank->vessel->insideAreaM2(),
            'crestL' => Volumes::displayL($facts),
            'rimMm' => $tank->runningBelowRimMm,
        ];
    }

    /** @return array<string, float> */
    private static function overflowing(Facts $facts): array
    {
        $weir = Overflow::of($facts);
        $areaM2 = DisplayTank::of($facts)->vessel->insideAreaM2();

        return [
            'areaM2' => $areaM2,
            'crestL' => Volumes::displayL($facts) - $areaM2 * $weir->headMm,
            'rimMm' => $weir->edgeBelowRimMm,
            'weirMm' => $facts->knows(F::WeirLengthMm) ? $facts->number(F::WeirLengthMm) : M_PI * $facts->number(F::StandpipeMm),
            'drainLh' => self::drainLh($facts),
            'emergencyLh' => $facts->knows(F::EmergencyBoreMm) ? DrainCapacity::open($facts->number(F::EmergencyBoreMm)) : 0.0,
            'siphonMm' => $facts->knows(F::OutletBelowRimMm) ? PowerCutRoom::depths($facts, $weir)[0] : self::NO_SIPHON_MM,
        ];
    }

    private static function drainLh(Facts $facts): float
    {
        $mains = max(1.0, $facts->number(F::DrainCount));
        if (! DrainSchool::from($facts->word(F::Drains))->isSiphon()) {
            return $mains * DrainCapacity::open($facts->number(F::DrainBoreMm));
        }
        $pipe = Pipe::of($facts->number(F::DrainBoreMm), $facts->number(F::DrainLengthM), $facts->number(F::DrainSumK));

        return $mains * DrainCapacity::siphon($pipe, Levels::dropM($facts));
    }

    /** @return array<string, float> */
    private static function sump(Facts $facts): array
    {
        $sump = SumpWater::of($facts);
        $last = $sump->returnChamber();
        $intakeMm = $sump->pumpMinMm();
        $before = $sump->waterL() - $last->litres();
        $baffleMm = max($last->levelMm, $facts->number(F::BaffleMm)) - $intakeMm;

        return [
            'fixedL' => $before + $last->areaM2 * $intakeMm,
            'returnM2' => $last->areaM2,
            'allM2' => $sump->areaM2(),
            'baffleMm' => $baffleMm,
            'rimMm' => max($baffleMm, $sump->rimMm - $intakeMm),
        ];
    }

    /** The level of the last chamber above the intake at rest, mm; 0 where no sump is described. */
    public static function startsMm(Facts $facts): float
    {
        if (! SumpWater::isDescribed($facts)) {
            return 0.0;
        }
        $sump = SumpWater::of($facts);

        return $sump->returnChamber()->levelMm - $sump->pumpMinMm();
    }
}
