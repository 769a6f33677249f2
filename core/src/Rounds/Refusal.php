<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Why a visit cannot stand there: the hard rules (S-20, L-51, S-56). The nearest miss is told: see `nearness`. */
enum Refusal: int
{
    case NoCrew = 0;
    case OutsideDays = 1;
    case Closed = 2;
    case Persons = 3;
    case Skill = 4;
    case Isolation = 5;
    case Wish = 11;
    case Payload = 6;
    case SaltWater = 7;
    case RoWater = 8;
    case Opening = 9;
    case Hours = 10;
    case Pinned = 12;
    case KeptClear = 13;

    /** How near it came: the higher, the less is in the way. */
    public function nearness(): float
    {
        return match ($this) {
            self::Wish, self::KeptClear => self::Closed->value + 0.5,
            self::Pinned => self::Isolation->value + 0.5,
            default => (float) $this->value,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Wish => 'a standing wish of the place is against it',
            self::KeptClear => 'messy work keeps off the days before what they hold',
            self::Pinned => 'a visit pinned to its hour could not begin then',
            self::NoCrew => 'no crew works then',
            self::OutsideDays => 'not yet to be done, or past its latest day',
            self::Closed => 'the place is closed that day',
            self::Persons => 'needs two people',
            self::Skill => 'nobody in the crew has the skill',
            self::Isolation => 'isolated: last of the day, one a day',
            self::Payload => 'the van would be overloaded',
            self::SaltWater => 'the van carries too little salt water',
            self::RoWater => 'the van carries too little RO water',
            self::Opening => 'cannot be there while the place is open',
            self::Hours => 'the crew’s hours are full',
        };
    }
}
