<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * A tank without power in a room that follows the weather: m·c·dT/dt = −UA·(T − T_room(t)) − E, with evaporation E as it is at the start
 * (B-43). Closed form for a room that falls or rises exponentially; the crossing is found by halving.
 */
final readonly class DarkTank
{
    /** The course is looked at so finely, h: it bends at most once. */
    private const STEP_H = 0.5;

    /**
     * @param  float  $lossWK  what a kelvin between water and room costs
     * @param  float  $evaporationW  at the start
     * @param  float|null  $oxygenH  hours until its oxygen harms; null: it does not run out
     *
     * @throws OutOfRange
     */
    public function __construct(
        public float $volumeL,
        public float $lossWK,
        public float $evaporationW,
        public float $startC,
        public float $lowC,
        public float $highC,
        public ?float $oxygenH,
    ) {
        Guard::positive('volumeL', $volumeL);
        Guard::positive('lossWK', $lossWK);
        Guard::notNegative('evaporationW', $evaporationW);
    }

    /** @param  float  $afterH  hours from the cut */
    public function tempC(DarkRoom $room, float $afterH): float
    {
        $tau = $this->timeConstantH();
        // Two equal time constants have a closed form of their own; a hair apart they share this one.
        $roomTau = abs($room->hours - $tau) < 1e-6 * $tau ? $room->hours * (1 + 1e-5) : $room->hours;
        $ends = $room->outsideC - $this->evaporationW / $this->lossWK;
        $byRoom = (($room->startC - $room->outsideC) * $roomTau) / ($roomTau - $tau);

        return $ends
            + $byRoom * exp(-$afterH / $roomTau)
            + ($this->startC - $ends - $byRoom) * exp(-$afterH / $tau);
    }

    /** What harms first, and when; null: nothing within those hours. */
    public function harm(DarkRoom $room, float $withinH): ?DarkHarm
    {
        $byHeat = $this->crossesH($room, $withinH);
        if ($this->oxygenH !== null && $this->oxygenH <= $withinH && ($byHeat === null || $this->oxygenH <= $byHeat)) {
            return new DarkHarm($this->oxygenH, DarkHarm::OXYGEN);
        }

        return $byHeat === null ? null : new DarkHarm($byHeat, DarkHarm::TEMPERATURE);
    }

    private function crossesH(DarkRoom $room, float $withinH): ?float
    {
        $isOut = fn (float $h): bool => $this->tempC($room, $h) <= $this->lowC || $this->tempC($room, $h) >= $this->highC;
        $before = 0.0;
        for ($h = 0.0; ; $h = min($withinH, $h + self::STEP_H)) {
            if ($isOut($h)) {
                return $h === 0.0 ? 0.0 : self::halved($isOut, $before, $h);
            }
            $before = $h;
            if ($h >= $withinH) {
                break;
            }
        }

        return null;
    }

    /** @param  callable(float): bool  $isOut */
    private static function halved(callable $isOut, float $in, float $out): float
    {
        while ($out - $in > 1e-4) {
            $middle = ($in + $out) / 2;
            if ($isOut($middle)) {
                $out = $middle;
            } else {
                $in = $middle;
            }
        }

        return $out;
    }

    private function timeConstantH(): float
    {
        return TemperatureCourse::capacityWhK($this->volumeL) / $this->lossWK;
    }
}
