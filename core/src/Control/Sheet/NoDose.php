<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** A value falls as if nothing were dosed. */
final class NoDose
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(Way::SecondInstrument, 'Does a second test kit say the same?', [
                'No' => new Cause(
                    'The first test is wrong.',
                    'test kit',
                    'Check it with a reference solution, note its date, open a new one.',
                    1,
                ),
                'Yes' => 'cylinder',
            ]),
            'cylinder' => new Check(
                Way::SecondInstrument,
                'One minute into a measuring cylinder: what comes?',
                [
                    'As set' => new Cause(
                        'The dose arrives, it is used up faster or the solution is weak.',
                        'solution or demand',
                        'Mix anew by weight, read daily for a week; then change the dose by what is used.',
                        3,
                    ),
                    'Less or more than set' => new Cause(
                        'The tube is worn: the pump no longer knows its dose.',
                        'tube',
                        'New tube, calibrate twice, write mL a minute down.',
                        0,
                    ),
                    'Nothing' => 'vessel',
                ],
                null,
                'Caustic solutions: gloves and goggles.',
            ),
            'vessel' => new Check(
                Way::Look,
                'Is there solution in the right vessel, no air in the line, the tip free?',
                [
                    'Vessel empty' => new Cause(
                        'It ran out.',
                        'vessel',
                        'Fill it; do not catch up in one dose. Count the days it lasts.',
                        1,
                    ),
                    'Air in the line' => new Cause(
                        'The line stands full of air.',
                        'line',
                        'Run it full, log it; look for the leak at the fittings.',
                        1,
                    ),
                    'The tip is crusted' => new Cause(
                        'The tip is shut.',
                        'tip',
                        'Clean it, tip above the water and away from the other line.',
                        7,
                    ),
                    'All is well' => 'watts',
                ],
            ),
            'watts' => new Check(Way::Power, 'Started by hand: does the doser draw watts and turn?', [
                'No watts' => 'swap',
                'Watts, but it does not turn' => new Cause(
                    'The motor or gear is stuck.',
                    'doser head',
                    'Replace the head; dose by hand by the cylinder until then.',
                    1,
                ),
                'It turns' => new Cause(
                    'It works by hand: the programme does not call it.',
                    'programme',
                    'Look at clock, days and the stop it waits for; watch one dose.',
                    0,
                ),
            ]),
            'swap' => new Check(Way::Swap, 'Does a supply or head known to be good bring it to run?', [
                'The supply does' => new Cause(
                    'The power supply is dead.',
                    'power supply',
                    'Replace it, label its plug.',
                    1,
                ),
                'The head does' => new Cause('The head is dead.', 'doser head', 'Replace it, calibrate twice.', 0),
                'Neither' => new Cause(
                    'Controller or outlet.',
                    'controller or outlet',
                    'Dose by hand by the cylinder until the part is here.',
                    1,
                ),
            ]),
        ];
    }
}
