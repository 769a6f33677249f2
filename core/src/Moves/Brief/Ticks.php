<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What people have said is so, by name: what is not there nobody has said. */
final readonly class Ticks
{
    /** What is asked for, by the gate it is asked at. */
    public const ASKED = [
        'G0' => [
            'surveyed' => 'The destination is surveyed: floor, doors, level, power, water',
            'insured' => 'The condition record is signed, and it is insured',
        ],
        'G1' => [
            'forecast' => 'The forecast is read, and the way planned for it',
            'measured' => 'Old water measured: temperature, salinity, ammonia',
            'mixed' => 'New water is mixed and warm',
            'keys' => 'Keys, parking and lift are there',
        ],
        'G2' => ['ready' => 'The destination is ready: power, heat, a place to set down'],
        'G3' => ['counted' => 'Animals counted into boxes', 'lashed' => 'The load is lashed'],
        'G4' => ['countedOff' => 'Boxes counted off the truck'],
        'G5' => [
            'lookedAgain' => 'Tank and stand looked at again, warm, with two lamps',
            'held' => 'It held water, as the leak test asks',
            'joints' => 'Joints that go under sand are listed, with a photo, or there are none',
        ],
        'G6' => ['matched' => 'Temperature and salinity match', 'running' => 'Heat, flow and air run'],
    ];

    /** @param  list<string>  $given */
    public function __construct(public array $given)
    {
    }

    public function has(string $name): bool
    {
        return in_array($name, $this->given, true);
    }
}
