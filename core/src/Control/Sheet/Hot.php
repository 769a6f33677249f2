<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** The water is warmer than it should be. */
final class Hot
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(Way::SecondInstrument, 'Does a second thermometer, in moving water, say the same?', [
                'No, it reads as it should' => new Cause(
                    'The probe reads high, the water is well.',
                    'temperature probe',
                    'Compare the probe at two temperatures, correct or replace it.',
                    1,
                    'Until then the controller lets the tank cool: stay, or heat by the second thermometer.',
                ),
                'Yes, it is warm' => 'heater',
            ]),
            'heater' => new Check(
                Way::Power,
                'Does any heater draw watts now?',
                [
                    'Yes' => 'stuck',
                    'No' => 'cooling',
                ],
                'Read each at its outlet with a plug meter.',
                'Mains near salt water: dry hands, residual-current device tested.',
            ),
            'stuck' => new Check(
                Way::Swap,
                'With its own plug in a plain outlet, does the heater switch itself off above its mark?',
                [
                    'No' => new Cause(
                        'The heater’s own thermostat is stuck on.',
                        'heater',
                        'Take it out of service now, put the spare in; look how old its twin is.',
                        0,
                        'Unplug, wait until it is cool, then lift it out. Bring the water down slowly: 1 K an hour at most.',
                    ),
                    'Yes' => new Cause(
                        'What switches the heater is stuck on: relay, outlet or programme.',
                        'controller or outlet',
                        'Heat by the heater’s own thermostat until the part is replaced; test its off with your own eyes.',
                        0,
                        'Bring the water down slowly: 1 K an hour at most.',
                    ),
                ],
            ),
            'cooling' => new Check(Way::Power, 'Do the fans or the chiller draw their watts?', [
                'There are none' => 'room',
                'No' => 'coolswap',
                'Yes' => 'air',
            ]),
            'coolswap' => new Check(Way::Swap, 'Does a lamp known to be good light in their outlet?', [
                'Yes' => new Cause(
                    'The fan or chiller is dead.',
                    'fan or chiller',
                    'A fan known to be good over the water today, then replace the part.',
                    0,
                ),
                'No' => new Cause(
                    'The outlet is dead or switched off.',
                    'outlet or its programme',
                    'Move it to a live outlet; correct the programme.',
                    0,
                    'Electrics beyond the plug are licensed work.',
                ),
            ]),
            'air' => new Check(
                Way::Look,
                'Is the chiller’s air side clean and free, does warm air leave the cabinet?',
                [
                    'No' => new Cause(
                        'The chiller cools its own warm air.',
                        'chiller',
                        'Clean it, give it free air; never in a closed cabinet.',
                        1,
                    ),
                    'Yes' => 'pump',
                ],
            ),
            'pump' => new Check(
                Way::Power,
                'Does a pump draw more watts than on its label, or is it hot to the hand?',
                [
                    'Yes' => new Cause(
                        'A pump that binds heats the water.',
                        'pump',
                        'Clean or replace it; read its watts again after.',
                        1,
                        'Unplug before hands go in.',
                    ),
                    'No' => 'room',
                ],
            ),
            'room' => new Check(
                Way::SecondInstrument,
                'Is the room warmer than the plan’s summer day, or does the sun reach the glass?',
                [
                    'Yes' => new Cause(
                        'More heat comes in than was planned for.',
                        'room',
                        'Shade, ventilate, lights shorter today; then size the cooling for this room.',
                        3,
                    ),
                    'No' => new Cause(
                        'The gains are larger than the plan holds.',
                        'cooling',
                        'Add up the watts in the water and let the plan choose the cooling.',
                        7,
                    ),
                ],
                'Read a room thermometer; do not ask the hand.',
            ),
        ];
    }
}
