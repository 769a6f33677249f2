<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** The skimmer overflows or does nothing. */
final class Skimmer
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(
                Way::SecondInstrument,
                'By a rule: does its chamber stand at the depth it was set for?',
                [
                    'No' => new Cause(
                        'The skimmer follows the level in its chamber.',
                        'sump level',
                        'Go on with the sheet “The level is wrong”; set the skimmer again after.',
                        0,
                    ),
                    'Yes' => 'which',
                ],
            ),
            'which' => new Check(Way::Look, 'What does it do?', [
                'It overflows' => 'added',
                'Hardly any foam' => 'air',
            ]),
            'added' => new Check(
                Way::Look,
                'Anything new in the water since yesterday: food, additive, glue, hands, a cleaned part?',
                [
                    'Yes' => new Cause(
                        'Something in the water foams.',
                        'water',
                        'Lower it or take the cup off, look again after a day or two; carbon helps.',
                        2,
                    ),
                    'No' => new Cause(
                        'It is set too wet, or its outlet is narrow.',
                        'skimmer outlet',
                        'Clean the outlet, open it a little, set it dry.',
                        1,
                        'Unplug before hands go in.',
                    ),
                ],
            ),
            'air' => new Check(Way::Look, 'A finger on the air intake: does it draw?', [
                'No' => 'watts',
                'Yes' => 'rest',
            ]),
            'watts' => new Check(Way::Power, 'Does its pump draw the watts of its label?', [
                'None' => 'swap',
                'As on its label' => new Cause(
                    'The air way is shut by salt.',
                    'air hose and silencer',
                    'Warm fresh water through the hose, clean the jet; monthly from now on.',
                    1,
                    'Unplug before hands go in.',
                ),
                'More or less than that' => new Cause(
                    'Impeller worn or scaled.',
                    'impeller',
                    'Soak the pump, replace the needle wheel if it is bent.',
                    3,
                    'Gloves and goggles; acid into water, never water into acid.',
                ),
            ]),
            'swap' => new Check(Way::Swap, 'Does a lamp known to be good light in its outlet?', [
                'Yes' => new Cause(
                    'The skimmer pump is dead.',
                    'skimmer pump',
                    'Replace it; an air stone in the sump until then, less food.',
                    1,
                ),
                'No' => new Cause(
                    'Outlet off or dead; perhaps left off after feeding.',
                    'outlet or its programme',
                    'On again; see why it did not come back by itself.',
                    0,
                    'Electrics beyond the plug are licensed work.',
                ),
            ]),
            'rest' => new Check(Way::Look, 'Cleaned within the last fortnight, or newly fitted?', [
                'Cup full of slime' => new Cause(
                    'A dirty neck lets foam fall.',
                    'cup and neck',
                    'Wipe the neck; weekly from now on.',
                    7,
                ),
                'New, or freshly cleaned' => new Cause(
                    'A new or clean skimmer needs days to foam.',
                    'none',
                    'Leave it a week; look again.',
                    7,
                ),
                'Neither' => new Cause(
                    'There is little to skim.',
                    'none',
                    'Compare with the litres of the last visits; look at nitrate and phosphate.',
                    14,
                ),
            ]),
        ];
    }
}
