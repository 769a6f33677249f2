<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** The sump or display stands too high or too low. */
final class Level
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(
                Way::SecondInstrument,
                'By a rule from the rim, with the return running: how does the return chamber stand?',
                [
                    'As it should' => new Cause(
                        'The level sensor is wrong, the water is well.',
                        'level sensor',
                        'Clean it, lift and dip it by hand, set it again.',
                        1,
                    ),
                    'Too low' => 'floor',
                    'Too high' => 'display',
                ],
            ),
            'floor' => new Check(Way::Look, 'Is there water on the floor, the stand or below?', [
                'Yes' => new Cause(
                    'It leaks.',
                    'seam, joint or hose',
                    'Stop what feeds the leak, catch the water, find the highest wet point; photos.',
                    0,
                    'Water and mains: cut the circuit before you stand in it. Wet wood and floors lose their strength.',
                ),
                'No' => 'reservoir',
            ]),
            'reservoir' => new Check(
                Way::Look,
                'Has the top-off reservoir water, and does its hose reach the sump free?',
                [
                    'Empty' => new Cause(
                        'Nothing left to top off with.',
                        'reservoir',
                        'Fill it with RO; count the days since the last filling against the plan’s evaporation.',
                        1,
                    ),
                    'Blocked or off its place' => new Cause(
                        'The water does not arrive.',
                        'top-off hose',
                        'Clear and fasten it; its end stays above the water.',
                        1,
                    ),
                    'Yes' => 'dip',
                ],
            ),
            'dip' => new Check(Way::Power, 'Sensor dipped as if low: does the top-off pump draw watts?', [
                'No' => 'lamp',
                'Yes, but no water comes' => new Cause(
                    'The pump turns without moving water.',
                    'top-off pump',
                    'Clean or replace it; look for air in the hose.',
                    0,
                ),
                'Yes, and water comes' => new Cause(
                    'It works: more left than it brings, or it was stopped by its own limit.',
                    'top-off limit or salinity',
                    'Read salinity, find out what was taken (skimmer, change, leak), then reset the limit.',
                    1,
                    'Do not fill up what salt water left with fresh water.',
                ),
            ]),
            'lamp' => new Check(Way::Swap, 'Does a sensor or pump known to be good bring it to run?', [
                'The other sensor does' => new Cause(
                    'The level sensor is dead or fouled.',
                    'level sensor',
                    'Replace it; test float and sensor at the next visit.',
                    1,
                ),
                'The other pump does' => new Cause(
                    'The top-off pump is dead.',
                    'top-off pump',
                    'Replace it; fill by hand until then, by the day’s evaporation.',
                    0,
                ),
                'Neither' => new Cause(
                    'Outlet or programme.',
                    'controller or outlet',
                    'A lamp in the outlet tells which; fill by hand until then.',
                    0,
                    'Electrics beyond the plug are licensed work.',
                ),
            ]),
            'display' => new Check(Way::Look, 'And the display, over its weir?', [
                'Lower than usual, the return moves little' => new Cause(
                    'The return moves less water: it stays in the sump.',
                    'return pump',
                    'Go on with the sheet “No flow”.',
                    0,
                ),
                'As usual' => 'salt',
                'Higher than usual' => new Cause(
                    'The drain takes less than it did.',
                    'drain or strainer',
                    'Return down or off, clean strainer and drain, look at the emergency drain.',
                    0,
                    'Do not leave while the last drain carries water.',
                ),
            ]),
            'salt' => new Check(Way::SecondInstrument, 'Salinity by a second instrument?', [
                'Lower than usual' => new Cause(
                    'The top-off has put in too much.',
                    'level sensor or valve',
                    'Stop it, test sensor and its second stop, bring salinity back slowly.',
                    0,
                    'Not more than 1 g/kg a day on the way up.',
                ),
                'As usual' => new Cause(
                    'Water was added or something was taken out.',
                    'none',
                    'Ask what was done; take the surplus out by the mark, with its litres in the log.',
                    1,
                ),
            ]),
        ];
    }
}
