<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/** How fast a hose brings or takes water by its own fall, and how long a level takes to sink (W-38). */
final class Hose
{
    /** Where neither hose nor timed bucket is recorded: 2 min for 10 L. */
    public const USUAL_LH = 300.0;

    /** Inlet and exit. */
    private const ENDS_K = 1.5;

    /** L/h at a steady head. @throws OutOfRange */
    public static function flowLh(float $innerMm, float $lengthM, float $headM): float
    {
        $pipe = Pipe::of($innerMm, $lengthM, self::ENDS_K);
        Guard::notNegative('headM', $headM);
        $full = sqrt(2 * Pipe::GRAVITY * $headM);

        return $headM <= 0.0
            ? 0.0
            : $pipe->flowLh(Solve::rising(fn (float $v): float => $pipe->lossM($v) - $headM, 0, $full));
    }

    /**
     * Minutes to draw a vessel down by its own fall: t = 2A_t(√h₁ − √h₂)/(A√(2g/(1 + ΣK + f·l/D))), f at the mean speed.
     *
     * @param  float  $areaM2  of the water drawn down
     * @param  float  $fromM  head at the start, surface to free end
     * @param  float  $toM  head at the end, less than the start
     *
     * @throws OutOfRange
     */
    public static function emptyingMin(float $innerMm, float $lengthM, float $areaM2, float $fromM, float $toM): float
    {
        Guard::positive('areaM2', $areaM2);
        Guard::within('toM', $toM, 0, Guard::positive('fromM', $fromM));
        $mean = self::flowLh($innerMm, $lengthM, ($fromM + $toM) / 2);
        $pipe = Pipe::of($innerMm, $lengthM, self::ENDS_K);
        $factor = $pipe->factor($pipe->velocityMs($mean));

        return (2 * $areaM2 * (sqrt($fromM) - sqrt($toM))) /
            ($pipe->boreM2() * sqrt((2 * Pipe::GRAVITY) / $factor)) /
            60;
    }

    /** L/h from a bucket and a watch. @throws OutOfRange */
    public static function bucket(float $litres, float $seconds): float
    {
        return (3600 * Guard::positive('litres', $litres)) / Guard::positive('seconds', $seconds);
    }
}
