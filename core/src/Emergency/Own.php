<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/** What this place has of its own, in words a stranger follows (E-8); null: still to survey. */
final readonly class Own
{
    public function __construct(
        /** Switchboard and breaker of the wet gear. */
        public ?string $board = null,
        public ?string $waterStop = null,
        public ?string $drains = null,
        public ?string $roomSwitch = null,
        /** Whoever stands there may use the board. */
        public bool $mayBoard = false,
        /** Water stands where electrics are; null: nobody has looked. */
        public ?bool $wet = null,
        /** Something moves the water from a battery. */
        public bool $batteryAir = false,
        public bool $hasTopOff = true,
        /** Where the water comes from. */
        public ?Spilling $spilling = null,
        /** The sump takes all that comes down when the return stops; null: not known. */
        public ?bool $sumpTakesAll = null,
        /** What the room comes to is colder than the water. */
        public bool $roomIsCold = true,
    ) {
    }
}
