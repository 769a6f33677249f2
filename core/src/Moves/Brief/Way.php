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
        /** A crane or hoist lifts; its licence, permit and slot are there. Null: nobody has said. */
        public ?bool $hoist = null,
        public bool $isHoistReady = false,
        /** Whoever they belong to afterwards is another, and has said yes. Null: nobody has said. */
        public ?bool $newOwner = null,
        public bool $ownerAgrees = false,
        /** Null: nobody has said. */
        public ?bool $border = null,
        public bool $hasAnimalPapers = false,
        /** Whoever may say so has looked whether the floor bears all of it at once. */
        public bool $isFloorLookedAt = false,
    ) {
    }

    public function hasStairs(): bool
    {
        return $this->flightsFrom + $this->flightsTo > 0;
    }
}
