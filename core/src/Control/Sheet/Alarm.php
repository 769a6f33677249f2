<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Sheet;

use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\Check;
use Velbrin\Core\Control\CheckWay as Way;

/** An alarm that calls for nothing, or does not call at all. */
final class Alarm
{
    /** @return array<string, Check> */
    public static function checks(): array
    {
        return [
            'second' => new Check(
                Way::SecondInstrument,
                'What does a second instrument say of the value it calls for?',
                [
                    'The alarm is right' => new Cause(
                        'It is real.',
                        'the thing it names',
                        'Go on with that symptom’s sheet. The alarm did its work: write that down.',
                        0,
                    ),
                    'The value is well' => 'probe',
                    'It should have called and did not' => 'silent',
                ],
            ),
            'probe' => new Check(Way::Swap, 'With a probe known to be good, is the call gone?', [
                'Yes' => new Cause(
                    'The probe is worn, dirty or dry.',
                    'probe',
                    'Clean and calibrate it; replace it when the slope is off.',
                    1,
                ),
                'No' => 'wire',
            ]),
            'wire' => new Check(Way::Look, 'Is the plug of the probe dry, clean and fully in?', [
                'No' => new Cause(
                    'Salt in the connection.',
                    'connection',
                    'Rinse, dry, a drip loop; look again in a week.',
                    7,
                ),
                'Yes' => new Cause(
                    'The input or its limit is wrong.',
                    'controller input or limits',
                    'Read limits and delay against the band of this system; try another input.',
                    1,
                ),
            ]),
            'silent' => new Check(
                Way::Power,
                'Does the controller or dialler have power, also on its battery?',
                [
                    'No' => 'battery',
                    'Yes' => 'link',
                ],
                'Pull its plug for a minute: it must go on by battery.',
            ),
            'battery' => new Check(Way::Swap, 'Does a battery or supply known to be good wake it?', [
                'The supply does' => new Cause(
                    'Its power supply is dead.',
                    'power supply',
                    'Replace it on another circuit than what it watches.',
                    0,
                    'Until then nobody is called: somebody looks twice a day.',
                ),
                'The battery does' => new Cause(
                    'Its battery is worn out.',
                    'battery',
                    'Replace it, date on the label; test under load twice a year.',
                    0,
                ),
                'Neither' => new Cause(
                    'The dialler is dead.',
                    'controller or dialler',
                    'A stand-alone alarm tonight; replace it.',
                    0,
                    'Until then nobody is called: somebody looks twice a day.',
                ),
            ]),
            'link' => new Check(Way::SecondInstrument, 'Made to call: does a phone ring, and whose?', [
                'None' => new Cause(
                    'The link or the number is wrong.',
                    'link or call chain',
                    'Test network and numbers; every person on the chain answers once.',
                    0,
                    'Until then nobody is called: somebody looks twice a day.',
                ),
                'The wrong one' => new Cause(
                    'The call chain is old.',
                    'call chain',
                    'Put it right with names and hours, test it again.',
                    0,
                ),
                'The right one' => new Cause(
                    'It calls when made to: limit or delay kept it silent.',
                    'limits',
                    'Set limit and delay by the hours in hand of this system.',
                    1,
                ),
            ]),
        ];
    }
}
