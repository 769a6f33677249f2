<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/** A system's litres, measured instead of computed (W-6). */
final readonly class MeasuredVolume
{
    private function __construct(
        public float $litres,
        /** What the instrument can tell apart, carried through: the litres lie within ± this. */
        public ?float $uncertainL,
        public Working $working,
    ) {
    }

    /**
     * From a known mass of salt, dissolved outside and poured in, and the rise it made: V = 1000·m·(35/g)/ΔS.
     *
     * @param  float  $mixGramsPerL  of that salt at 35 g/kg
     * @param  float  $resolution  of the instrument, g/kg
     *
     * @throws OutOfRange when the rise is too small to tell
     */
    public static function bySalt(
        float $saltKg,
        float $before,
        float $after,
        float $mixGramsPerL = Mix::USUAL_G_PER_L,
        float $resolution = 0.1,
    ): self {
        Guard::positive('saltKg', $saltKg);
        Guard::within('before', $before, 0, 50);
        Guard::within('after', $after, 0, 50);
        Guard::positive('mixGramsPerL', $mixGramsPerL);
        Guard::positive('resolution', $resolution);
        $rise = $after - $before;
        if ($rise < 2 * $resolution) {
            throw OutOfRange::number(
                'after',
                $after,
                Phrase::AtLeastMore,
                [
                    'limit' => Quantity::of(2 * $resolution, Kind::SalinityChange),
                ],
            );
        }
        $litres = (1000 * $saltKg * 35) / $mixGramsPerL / $rise;

        return new self(
            $litres,
            ($litres * $resolution) / $rise,
            Working::of(
                'Volume by salt',
                '1000*m*35/g/(b - a)',
                [
                    ['m', 'Salt added', $saltKg, Kind::Mass],
                    ['g', 'Mix, grams a litre at 35 g/kg', $mixGramsPerL, Kind::Factor],
                    ['a', 'Salinity before', $before, Kind::Salinity],
                    ['b', 'Salinity after, mixed through', $after, Kind::Salinity],
                ],
                Quantity::of($litres, Kind::Volume),
                'W-6',
            ),
        );
    }

    /**
     * From a known flow, timed until full.
     *
     * @throws OutOfRange
     */
    public static function byFlow(float $flowLh, float $minutes): self
    {
        $litres = (Guard::positive('flowLh', $flowLh) * Guard::positive('minutes', $minutes)) / 60;

        return new self(
            $litres,
            null,
            Working::of(
                'Volume by flow',
                'Q*t/60',
                [['Q', 'Flow, measured with a bucket', $flowLh, Kind::Flow], ['t', 'Minutes', $minutes, Kind::Count]],
                Quantity::of($litres, Kind::Volume),
                'W-6',
            ),
        );
    }
}
