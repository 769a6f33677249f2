<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Job;

/** What a device on an outlet does to the water. */
final readonly class Device
{
    /** Heat a chiller takes out for each watt it draws, where nobody has said. */
    private const CHILLER_FACTOR = 2.5;

    /**
     * @param  Body  $body  the water it stands in or adds to
     * @param  float  $heatShare  of its watts that end in that water: 1 under water, 0.3 beside it, 0.4 a lamp above, 0 a compressor
     * @param  float  $coolsW  heat a chiller takes out
     * @param  float|null  $thermostatC  where it stops by itself; null: it does not
     * @param  float  $litresPerH  of a return pump, a top-off, a skimmer’s air pump or an RO unit
     * @param  float  $mlPerMin  of a doser
     * @param  float  $alkMeqPerMl  what a millilitre brings
     * @param  float  $dicPerMeq  mmol with each meq: hydroxide 0, carbonate 0.5, bicarbonate 1, reactor 1.25
     * @param  float  $caMgPerMl  what a millilitre brings
     * @param  float|null  $vesselMl  in its vessel at the beginning; null: it does not run out
     */
    public function __construct(
        public Job $job,
        public Body $body,
        public float $watts,
        public float $heatShare,
        public float $coolsW = 0.0,
        public ?float $thermostatC = null,
        public float $litresPerH = 0.0,
        public float $mlPerMin = 0.0,
        public float $alkMeqPerMl = 0.0,
        public float $dicPerMeq = 1.0,
        public float $caMgPerMl = 0.0,
        public ?float $vesselMl = null,
    ) {
    }

    /** What a chiller takes out by what it draws, W: counted where only that is known, and whoever counts it says so. */
    public static function coolsByDraw(float $watts): float
    {
        return self::CHILLER_FACTOR * $watts;
    }

    /** Where nobody has said: a lamp hangs above its water, a compressor warms the room, everything else counts as under water. */
    public static function heatShareOf(Job $job): float
    {
        return match ($job) {
            Job::Light => 0.4,
            Job::Chiller => 0.0,
            default => 1.0,
        };
    }
}
