<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Why a visit cannot stand there: the hard rules (S-20, L-51), the nearest miss last. */
enum Refusal: int
{
    case NoCrew = 0;
    case OutsideDays = 1;
    case Closed = 2;
    case Persons = 3;
    case Skill = 4;
    case Isolation = 5;
    case Payload = 6;
    case SaltWater = 7;
    case RoWater = 8;
    case Opening = 9;
    case Hours = 10;

    public function words(): string
    {
        return match ($this) {
            self::NoCrew => 'no crew works then', self::OutsideDays => 'not yet to be done, or past its latest day', self::Closed => 'the place is closed that day', self::Persons => 'needs two people',
            self::Skill => 'nobody in the crew has the skill', self::Isolation => 'isolated: last of the day, one a day', self::Payload => 'the van would be overloaded', self::SaltWater => 'the van carries too little salt water',
            self::RoWater => 'the van carries too little RO water', self::Opening => 'cannot be there while the place is open', self::Hours => 'the crew’s hours are full',
        };
    }
}
