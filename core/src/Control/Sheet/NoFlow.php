<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** Nothing moves, or less than it should. */
final class NoFlow
{
    private const HANDS = 'Unplug before hands go in.';

    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(
                Way::SecondInstrument,
                'At the outlet itself: does a strand of wool or a filled litre jug show flow?',
                [
                    'Yes, as always' => new Cause(
                        'The flow sensor or its number is wrong, the water moves.',
                        'flow sensor',
                        'Clean the sensor, measure the flow by the jug, set it again.',
                        7,
                    ),
                    'Less than it was' => 'less',
                    'None' => 'watts',
                ],
            ),
            'watts' => new Check(
                Way::Power,
                'How many watts does the pump draw?',
                [
                    'None' => 'lamp',
                    'About its label, or more' => 'impeller',
                    'Clearly less' => 'air',
                ],
                'At the outlet, with a plug meter.',
                'Mains near salt water: dry hands, residual-current device tested.',
            ),
            'lamp' => new Check(Way::Swap, 'Does a lamp known to be good light in its outlet?', [
                'Yes' => 'driver',
                'No' => new Cause(
                    'The outlet is dead or switched off.',
                    'outlet or its programme',
                    'Move the pump to a live outlet; look whether a feed pause was left on.',
                    0,
                    'Electrics beyond the plug are licensed work.',
                ),
            ]),
            'driver' => new Check(Way::Swap, 'Does a pump or driver known to be good run in its place?', [
                'The other pump runs' => new Cause(
                    'The pump is dead.',
                    'pump',
                    'Put the spare in. Without one: an air stone and a stirring pump tonight.',
                    0,
                    self::HANDS,
                ),
                'The other driver runs this pump' => new Cause(
                    'The driver is dead.',
                    'pump driver',
                    'Replace the driver; keep one as a spare.',
                    0,
                ),
                'There is none to try' => new Cause(
                    'Pump or driver: not told apart today.',
                    'pump',
                    'An air stone and a stirring pump tonight; bring both parts tomorrow.',
                    1,
                ),
            ]),
            'impeller' => new Check(
                Way::Look,
                'Opened: does the impeller turn freely, whole, with no snail or stone in it?',
                [
                    'No' => new Cause(
                        'The impeller is blocked or broken.',
                        'impeller',
                        'Clean it, replace what is worn; soak the pump at the next visit.',
                        1,
                        self::HANDS,
                    ),
                    'Yes' => new Cause(
                        'The pump turns, the way out is shut: valve, check valve or hose.',
                        'return line',
                        'Open the line from the pump on, section by section; clean the check valve.',
                        0,
                    ),
                ],
                null,
                self::HANDS,
            ),
            'air' => new Check(
                Way::Look,
                'Is the intake under water, free of weed, and does air come out of the outlet?',
                [
                    'The intake is dry or drawn shut' => new Cause(
                        'The pump has no water to move.',
                        'sump level or intake',
                        'Clear the intake; then go on with the sheet “The level is wrong”.',
                        0,
                        self::HANDS,
                    ),
                    'Air comes out' => new Cause(
                        'There is air in the pump.',
                        'pump',
                        'Tilt it until the air is out; look where it drew it from.',
                        1,
                        self::HANDS,
                    ),
                    'Neither' => new Cause(
                        'Its magnet or shaft is worn.',
                        'impeller',
                        'Replace impeller and shaft; read the watts again.',
                        1,
                        self::HANDS,
                    ),
                ],
            ),
            'less' => new Check(Way::Power, 'Does the pump draw the watts it drew when it was clean?', [
                'More' => new Cause(
                    'Scale or weed brakes the pump.',
                    'pump',
                    'Soak it in weak acid; note the watts after.',
                    3,
                    'Gloves and goggles; acid into water, never water into acid.',
                ),
                'The same' => new Cause(
                    'The way is narrower: hose, nozzle or check valve.',
                    'return line',
                    'Clean the line; measure the flow by the jug before and after.',
                    7,
                ),
                'Less' => 'air',
            ]),
        ];
    }
}
