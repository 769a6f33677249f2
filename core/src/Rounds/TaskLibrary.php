<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Chemistry\Regime;

/**
 * The task types a company begins with; it edits its own copy (S-1), and each regime's standard set (S-3). Cautions stand at the
 * step (P-13, P-14).
 */
final class TaskLibrary
{
    private const WET_HANDS = 'Unplug what your hand goes near. Residual-current device tested this month?';

    /** @return list<TaskType> */
    public static function all(): array
    {
        return [
            new TaskType(
                'look',
                'Look, count, listen',
                14,
                5,
                ['Fish counted, breathing, eating', 'Corals open, pale, receding', 'Noise, bubbles, drips, smell'],
                readings: ['temperature', 'salinity'],
            ),
            new TaskType(
                'errand',
                'As written',
                0,
                15,
                ['As it is written at its head'],
                ['Water and mains: dry hands; unplug what your hand goes near.'],
            ),
            new TaskType(
                'call-out',
                'Call-out',
                0,
                45,
                [
                    'Look from the door: water on the floor, smell, noise',
                    'Electricity from a dry place before hands go in',
                    'Temperature, flow, breathing of the fish',
                    'What was found, what was done, what is left',
                ],
                ['Water on the floor and mains: nobody steps in before the breaker is off.'],
                readings: ['temperature', 'ph'],
            ),
            new TaskType(
                'change',
                'Water change',
                14,
                10,
                [
                    'Secure both hose ends, drain hose tied to its drain',
                    'Switch off what the level will reach',
                    'Start the siphon without your mouth, draw down to the mark',
                    'Check the new water: temperature and salinity against the tank',
                    'Refill slowly, shut off in time',
                    'Everything on again, level as before',
                ],
                [
                    'Never leave a running hose alone.',
                    'Salt water goes to the foul drain; local rules decide.',
                    self::WET_HANDS,
                ],
                [OffWhile::Skimmer, OffWhile::TopOff, OffWhile::BaredHeaters],
                holds: [0, 3],
            ),
            new TaskType(
                'glass',
                'Glass',
                7,
                8,
                ['Scrape away from the sand', 'Corners and behind the overflow'],
                ['A grain of sand under the blade scratches for good.'],
            ),
            new TaskType('floss', 'Filter floss or socks', 7, 4, ['Out without spilling', 'Fresh one in, no gap']),
            new TaskType(
                'skimmer-cup',
                'Skimmer cup',
                7,
                6,
                ['Cup off, neck wiped', 'Note litres, colour, smell'],
                [self::WET_HANDS],
                [OffWhile::Skimmer],
            ),
            new TaskType(
                'sand-quarter',
                'Siphon a quarter of the sand',
                28,
                15,
                ['Only this quarter', 'Fines out, grains stay', 'Note which is next'],
                ['Never stir an old bed: gases.'],
                [OffWhile::Skimmer, OffWhile::TopOff],
                turns: ['left front', 'right front', 'left back', 'right back'],
                messy: true,
                photoFirst: true,
            ),
            new TaskType(
                'pump-soak',
                'Pump in weak acid',
                120,
                15,
                [
                    'Pump out, impeller out',
                    'Soak in the acid bath, rinse twice',
                    'Run it in the bucket before it goes back',
                ],
                ['Gloves and goggles; acid into water, never water into acid.', self::WET_HANDS],
                [OffWhile::Return],
            ),
            new TaskType(
                'probe-calibration',
                'Calibrate probes',
                30,
                12,
                [
                    'Rinse, first fluid, rinse, second fluid',
                    'Note slope and offset',
                    'Back at its place, cable with a drip loop',
                ],
                readings: ['ph'],
            ),
            new TaskType(
                'reactor-media',
                'Reactor media',
                60,
                15,
                ['Valves closed', 'Media out, rinse, fill', 'Air out, drip as before'],
                [self::WET_HANDS],
                turns: ['top up', 'replace whole'],
            ),
            new TaskType(
                'carbon',
                'Carbon',
                30,
                6,
                ['Rinse until clear', 'In the flow, date on the bag'],
                turns: ['in', 'out'],
            ),
            new TaskType(
                'ro-filters',
                'RO prefilters and membrane',
                180,
                20,
                ['Feed closed, pressure off', 'Filters, then flush to the drain', 'Read TDS after ten minutes'],
                readings: ['tds'],
            ),
            new TaskType(
                'vessel-refill',
                'Dosing vessels',
                21,
                8,
                ['Right vessel, right colour-word', 'Level noted before and after', 'Look for air in the line'],
                ['Two look the same: read the label aloud.'],
            ),
            new TaskType(
                'lamp-change',
                'Lamps',
                365,
                20,
                ['Dry hands, cold lamps', 'Same height, same place', 'Ramp started'],
                ['Electrics: licensed work beyond the plug.'],
                persons: 2,
            ),
            new TaskType(
                'hanging',
                'Rope, pins, brake, fixings',
                180,
                20,
                [
                    'Water covered, nobody beneath',
                    'Rope its whole length: broken strands, rust, flat places',
                    'Pins and shackles closed and secured',
                    'Brake holds at work and at use height',
                    'Each fixing: cracks, play, damp round it',
                    'Marks of both heights still there',
                ],
                [
                    'A second person holds while one looks; never under a lamp on its brake alone.',
                    'A competent person judges the fixings; what is in doubt comes down.',
                ],
                persons: 2,
            ),
            new TaskType('battery-test', 'Battery under load', 180, 15, [
                'Mains off at the device',
                'Note minutes and voltage',
                'Back on mains, charging',
            ]),
            new TaskType('alarm-test', 'Alarm call test', 90, 10, [
                'Make it call',
                'Who answered, after how long',
                'Reset, on',
            ]),
            new TaskType('topoff-test', 'Top-off test', 90, 8, [
                'Lift the float, hear it stop',
                'Dip the sensor, hear it start',
            ]),
            new TaskType(
                'drain-rehearsal',
                'Power-cut rehearsal',
                365,
                20,
                ['Return off', 'Mark the highest sump level', 'Compare with the record', 'On again, weir running'],
                ['Stay beside the sump until it stands still.'],
                [OffWhile::Skimmer],
            ),
            new TaskType('photo', 'Photo survey', 90, 6, ['Front, left, right, from above, sump']),
            new TaskType(
                'sand-topup',
                'Sand top-up',
                300,
                45,
                [
                    'Depth at four places, kg known',
                    'Photo of the bed before anything is lifted',
                    'New socks or floss in',
                    'Water lowered: the change is part of this',
                    'Big corals left to empty themselves of water; each lifted supported, its place written down',
                    'Sand in by bag or tube, under water, bag by bag',
                    'Corals back to their places, counted',
                    'Refilled, all on again',
                    'Client told: cloudy until tomorrow, nobody stirs',
                ],
                ['Big fleshy corals: let them empty, support, never squeeze.'],
                [OffWhile::Skimmer, OffWhile::TopOff, OffWhile::Return],
                messy: true,
                holds: [0, 1, 6],
                photoFirst: true,
            ),
            new TaskType(
                'standby-test',
                'Standby proved alone',
                365,
                25,
                [
                    'What usually runs off, at its plug',
                    'The standby alone for as long as the visit lasts: it heats, it moves water',
                    'Temperature and draw written down',
                    'Everything on again, in the order of its sheet',
                ],
                [self::WET_HANDS],
                readings: ['temperature'],
            ),
            new TaskType(
                'drain-test',
                'Emergency drain with the main blocked',
                365,
                20,
                [
                    'Top-off off, towels out, one hand at the return’s plug',
                    'Main drain blocked by hand, never with something that can slip in',
                    'Level watched to the emergency drain: it takes the whole flow, quietly',
                    'Main open again, top-off on, level as before',
                ],
                ['Never leave a blocked drain alone.', self::WET_HANDS],
                [OffWhile::TopOff],
            ),
            new TaskType(
                'power-drill',
                'Power cut, rehearsed',
                365,
                30,
                [
                    'Household told; everything off at the breaker, from a dry place',
                    'Sump: it takes what comes down, with room left',
                    'Battery carries its pump at once; minutes written down',
                    'Alarm for the power cut called somebody',
                    'On again one by one; clocks, set-ups and levels as before',
                ],
                ['Breakers only from a dry place; a breaker that falls again stays off: electrician.'],
            ),
            new TaskType(
                'contacts',
                'Contacts confirmed, and shown what they were owed',
                365,
                20,
                [
                    'Each name rung or met: number, language, who has the key now',
                    'What each may operate, done once by their own hand while you stand by',
                    'What they were still owed is shown: where to shut off, what never to touch',
                    'Written down on the client’s page; who has left is archived there',
                ],
                ['Nobody of the household works on electrics or reaches into the water for it.'],
            ),
        ];
    }

    /** Jobs that prove a protection, by what they prove (R-43, E-6). */
    public const PROOFS = ['standby-test' => 'heater', 'battery-test' => 'battery', 'drain-test' => 'emergency-drain'];

    /** What travels with a job: its change is part of a sand top-up (S-1, S-40). */
    public const GOES_WITH = ['sand-topup' => 'change'];

    /** The standard set of a regime on a system with that record; its own intervals are deviations (S-3, S-51). */
    public static function standard(Regime $regime, OnTheRecord $has = new OnTheRecord()): StandardSet
    {
        $wanted = self::ofRegime($regime);
        if ($has->hoisted === true) {
            $wanted = ['hanging' => 180.0, ...$wanted];
        }
        if ($has->battery === true) {
            $wanted['battery-test'] = 180.0;
        }
        $leftOut = array_filter(
            array_intersect_key(
                [
                    'vessel-refill' => $has->doser === false ? 'no doser in the register' : null,
                    'sand-quarter' => $has->sand === false ? 'the floor is bare' : null,
                    'alarm-test' => $has->alarm === false ? 'no alarm on record' : null,
                    'topoff-test' => $has->topOff === false ? 'no top-off in the register' : null,
                    'skimmer-cup' => $has->skimmer === false ? 'no skimmer in the register' : null,
                    'drain-rehearsal' => $has->returnPump === false ? 'no return pump in the register' : null,
                ],
                $wanted,
            ),
        );

        return new StandardSet(array_diff_key($wanted, $leftOut), $leftOut);
    }

    /** @return array<string, float> days by kind of job */
    private static function ofRegime(Regime $regime): array
    {
        $usual = [
            'look' => 14.0,
            'change' => 14.0,
            'glass' => 7.0,
            'floss' => 7.0,
            'skimmer-cup' => 7.0,
            'probe-calibration' => 30.0,
            'alarm-test' => 90.0,
            'topoff-test' => 90.0,
            'drain-rehearsal' => 365.0,
            'pump-soak' => 120.0,
            'photo' => 90.0,
        ];

        return match ($regime) {
            Regime::Natural, Regime::Raised => [...$usual, 'vessel-refill' => 21.0, 'sand-quarter' => 28.0],
            Regime::LowNutrient => [...$usual, 'vessel-refill' => 21.0, 'change' => 21.0],
            Regime::SoftCoral => [...$usual, 'carbon' => 30.0],
            Regime::FishOnly => [...$usual, 'sand-quarter' => 28.0],
            Regime::Quarantine => ['look' => 3.0, 'change' => 3.0, 'glass' => 7.0],
            Regime::Cool => [...$usual, 'look' => 7.0, 'change' => 7.0],
        };
    }
}
