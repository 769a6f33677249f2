<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** From door to door: how far it is carried at both ends, how long it is driven, in what weather. */
final readonly class Way
{
    public function __construct(
        public float $carryFromM,
        public int $flightsFrom,
        public float $carryToM,
        public int $flightsTo,
        public ?int $driveMin,
        public ?float $outdoorC,
        public bool $isWindy,
        public float $sunWM2,
        public ?float $cabinC,
        public ?float $loadC,
        public ?float $roomFromC,
        public ?float $roomToC,
    ) {
    }

    public function hasStairs(): bool
    {
        return $this->flightsFrom + $this->flightsTo > 0;
    }
}
