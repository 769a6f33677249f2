<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** The water is colder than it should be. */
final class Cold
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(Way::SecondInstrument, 'Does a second thermometer, in moving water, say the same?', [
                'No, it reads as it should' => new Cause(
                    'The probe reads low, the water is well.',
                    'temperature probe',
                    'Compare the probe at two temperatures, correct or replace it.',
                    1,
                    'Until then the controller heats a tank that is warm enough: unplug nothing, lower nothing, but stay or set '.
                    'it to the second thermometer.',
                ),
                'Yes, it is cold' => 'watts',
            ]),
            'watts' => new Check(
                Way::Power,
                'How many watts does each heater draw now?',
                [
                    'None' => 'lamp',
                    'One of them none' => 'swap',
                    'As on their labels' => 'past',
                    'Clearly less than on the label' => new Cause(
                        'An element is partly dead.',
                        'heater',
                        'Replace that heater; do not wait for the next visit.',
                        0,
                        'Unplug before hands go in.',
                    ),
                ],
                'Read them at the outlet, one after the other, with a plug meter.',
                'Mains near salt water: dry hands, residual-current device tested.',
            ),
            'lamp' => new Check(Way::Swap, 'Does a lamp known to be good light in the heater’s outlet?', [
                'Yes' => 'swap',
                'No, but in the next one it does' => new Cause(
                    'That outlet is dead or switched off.',
                    'outlet or its programme',
                    'Move the heater to a live outlet of its own circuit; correct the programme; replace the strip.',
                    0,
                ),
                'No, nowhere on the strip' => 'breaker',
            ]),
            'breaker' => new Check(Way::Look, 'Has a breaker or residual-current device tripped?', [
                'Yes, and it holds when set once' => new Cause(
                    'Something leaked or overloaded for a moment.',
                    'circuit',
                    'Find which device trips it, one plug at a time; an electrician looks at it.',
                    1,
                    'Electrics beyond the plug are licensed work.',
                ),
                'Yes, and it trips again' => new Cause(
                    'A device or the wiring leaks to earth.',
                    'circuit',
                    'Unplug all of that circuit, run the heater from another, call an electrician.',
                    0,
                    'Do not hold it in by force. Licensed work.',
                ),
                'No' => new Cause(
                    'The strip has no supply.',
                    'power strip',
                    'Run the heater from another outlet today, replace the strip.',
                    0,
                ),
            ]),
            'swap' => new Check(Way::Swap, 'Does a heater known to be good draw its watts in the same place?', [
                'Yes' => new Cause(
                    'The heater is dead.',
                    'heater',
                    'Put the spare in, order the next; look how old its twin is.',
                    0,
                    'Unplug, wait until it is cool, then lift it out of the water.',
                ),
                'No' => new Cause(
                    'What switches the heater does not: thermostat, relay or programme.',
                    'controller or thermostat',
                    'Run the good heater on its own thermostat, beside the controller, until the part is replaced.',
                    0,
                    'A heater without a second thermostat is watched.',
                ),
            ]),
            'past' => new Check(Way::Look, 'Does water move past the heaters?', [
                'No' => new Cause(
                    'The heaters stand in dead water; the rest stays cold.',
                    'return or circulation pump',
                    'Go on with the sheet “No flow”.',
                    0,
                ),
                'Yes' => 'room',
            ]),
            'room' => new Check(
                Way::SecondInstrument,
                'Is the room colder than the plan’s winter night, or does a fan or window cool the water?',
                [
                    'Yes' => new Cause(
                        'More heat leaves than was planned for.',
                        'room',
                        'Fan off, cover on, window shut; then measure the heat loss and set the heaters by it.',
                        3,
                    ),
                    'No' => new Cause(
                        'The heaters are too small for what this tank loses.',
                        'heater set',
                        'Measure the heat loss over a steady day and let it choose the set.',
                        7,
                    ),
                ],
                'Read a room thermometer; do not ask the hand.',
            ),
        ];
    }
}
