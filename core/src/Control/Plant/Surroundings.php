<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** The room a system stands in, and how its water loses heat to it. */
final readonly class Surroundings
{
    /** Warmest hour of a room, minute of the day. */
    private const WARMEST_MIN = 900.0;

    /** Without house heating or cooling a room goes towards outdoors with this time, s. */
    public const DRIFT_S = 43_200.0;

    /**
     * @param  float  $roomC  its mean over a day
     * @param  float  $swingC  from the mean to the warmest hour
     * @param  float  $outdoorsC  where it goes when the house stands without power
     * @param  float  $displayWK  of the display’s walls and surface
     * @param  float  $openM2  evaporating surface of the display, a closed one counted by a quarter
     * @param  float  $sumpOpenM2  likewise
     * @param  float  $evaporationScale  measured litres by computed ones
     */
    public function __construct(
        public float $roomC,
        public float $swingC,
        public float $outdoorsC,
        public float $humidityPct,
        public float $displayWK,
        public float $sumpWK,
        public float $openM2,
        public float $sumpOpenM2,
        public float $evaporationScale,
    ) {
    }

    /** Of the room at that minute of the day, while its heating and cooling work. */
    public function at(float $minute): float
    {
        return $this->roomC + $this->swingC * cos((2 * M_PI * ($minute - self::WARMEST_MIN)) / 1440);
    }
}
