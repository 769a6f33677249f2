<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** Something is louder than it was. */
final class Noise
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(
                Way::SecondInstrument,
                'Does a second ear, or a recording from the same spot, hear it too?',
                [
                    'No' => new Cause(
                        'It comes and goes.',
                        'not known yet',
                        'Note the hour each time; compare with what switches then.',
                        7,
                    ),
                    'Yes, a rush or gurgle of water' => 'drain',
                    'Yes, a hum, rattle or grind' => 'off',
                ],
            ),
            'drain' => new Check(Way::Look, 'Does it stop when the main drain’s valve is opened a little?', [
                'Yes' => new Cause(
                    'The siphon drew air: the valve stood too tight or too wide.',
                    'main drain valve',
                    'Set it until it is silent, mark the handle, look again after a day.',
                    1,
                ),
                'No' => new Cause(
                    'Air comes in elsewhere: weir, strainer or a cracked pipe.',
                    'overflow or drain pipe',
                    'Clean weir and strainer, then listen along the pipe; look at the emergency drain: it must be dry.',
                    1,
                    'A drain that runs full by its last pipe is a flood waiting: do not leave before the emergency drain is dry.',
                ),
            ]),
            'off' => new Check(
                Way::Swap,
                'One device after the other off for a breath: which one silences it?',
                [
                    'A pump' => 'watts',
                    'A lamp, driver or fan' => new Cause(
                        'A fan or coil in it wears out.',
                        'lamp, driver or fan',
                        'Clean it; a part known to be good in its place proves it; replace.',
                        14,
                    ),
                    'The top-off or a doser' => new Cause(
                        'A small pump runs dry or touches the wall.',
                        'small pump',
                        'Hang it free, give it water; measure what it moves.',
                        3,
                    ),
                    'None of them' => 'touch',
                ],
                'Put each on again before the next. Return pump last.',
            ),
            'watts' => new Check(Way::Power, 'Does that pump draw more watts than on its label?', [
                'Yes' => new Cause(
                    'Bearing or impeller is worn or scaled.',
                    'pump',
                    'Soak it; if it is still loud, replace the impeller and keep the watts on record.',
                    3,
                    'Unplug before hands go in.',
                ),
                'No' => new Cause(
                    'It draws air, or stands hard against glass or wood.',
                    'pump',
                    'Look at its intake and level, set it on a soft foot.',
                    7,
                    'Unplug before hands go in.',
                ),
            ]),
            'touch' => new Check(Way::Look, 'Does a hand on the cabinet, door, hood or pipe change it?', [
                'Yes' => new Cause(
                    'Something rattles along.',
                    'cabinet, hood or pipe clip',
                    'Felt, clip or a soft foot where the hand was.',
                    14,
                ),
                'No' => new Cause(
                    'It does not come from this system.',
                    'elsewhere in the house',
                    'Tell the client what you tried; listen again next time.',
                    14,
                ),
            ]),
        ];
    }
}
