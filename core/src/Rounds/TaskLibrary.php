<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Chemistry\Regime;

/** The task types a company begins with; it edits its own copy (S-1), and each regime's standard set (S-3). Cautions stand at the step (P-13, P-14). */
final class TaskLibrary
{
    private const WET_HANDS = 'Unplug what your hand goes near. Residual-current device tested this month?';

    /** @return list<TaskType> */
    public static function all(): array
    {
        return [
            new TaskType('look', 'Look, count, listen', 14, 5, ['Fish counted, breathing, eating', 'Corals open, pale, receding', 'Noise, bubbles, drips, smell'], readings: ['temperature', 'salinity']),
            new TaskType('change', 'Water change', 14, 10, [
                'Secure both hose ends, drain hose tied to its drain', 'Switch off what the level will reach', 'Start the siphon without your mouth, draw down to the mark', 'Check the new water: temperature and salinity against the tank', 'Refill slowly, shut off in time', 'Everything on again, level as before',
            ], ['Never leave a running hose alone.', 'Salt water goes to the foul drain; local rules decide.', self::WET_HANDS], [OffWhile::Skimmer, OffWhile::TopOff, OffWhile::BaredHeaters]),
            new TaskType('glass', 'Glass', 7, 8, ['Scrape away from the sand', 'Corners and behind the overflow'], ['A grain of sand under the blade scratches for good.']),
            new TaskType('floss', 'Filter floss or socks', 7, 4, ['Out without spilling', 'Fresh one in, no gap']),
            new TaskType('skimmer-cup', 'Skimmer cup', 7, 6, ['Cup off, neck wiped', 'Note litres, colour, smell'], [self::WET_HANDS], [OffWhile::Skimmer]),
            new TaskType('sand-quarter', 'Siphon a quarter of the sand', 28, 15, ['Only this quarter', 'Fines out, grains stay', 'Note which is next'], ['Never stir an old bed: gases.'], [OffWhile::Skimmer, OffWhile::TopOff], turns: ['left front', 'right front', 'left back', 'right back'], messy: true),
            new TaskType('pump-soak', 'Pump in weak acid', 120, 15, ['Pump out, impeller out', 'Soak in the acid bath, rinse twice', 'Run it in the bucket before it goes back'], ['Gloves and goggles; acid into water, never water into acid.', self::WET_HANDS], [OffWhile::Return]),
            new TaskType('probe-calibration', 'Calibrate probes', 30, 12, ['Rinse, first fluid, rinse, second fluid', 'Note slope and offset', 'Back at its place, cable with a drip loop'], readings: ['ph']),
            new TaskType('reactor-media', 'Reactor media', 60, 15, ['Valves closed', 'Media out, rinse, fill', 'Air out, drip as before'], [self::WET_HANDS], turns: ['top up', 'replace whole']),
            new TaskType('carbon', 'Carbon', 30, 6, ['Rinse until clear', 'In the flow, date on the bag'], turns: ['in', 'out']),
            new TaskType('ro-filters', 'RO prefilters and membrane', 180, 20, ['Feed closed, pressure off', 'Filters, then flush to the drain', 'Read TDS after ten minutes'], readings: ['tds']),
            new TaskType('vessel-refill', 'Dosing vessels', 21, 8, ['Right vessel, right colour-word', 'Level noted before and after', 'Look for air in the line'], ['Two look the same: read the label aloud.']),
            new TaskType('lamp-change', 'Lamps', 365, 20, ['Dry hands, cold lamps', 'Same height, same place', 'Ramp started'], ['Electrics: licensed work beyond the plug.'], persons: 2),
            new TaskType('hanging', 'Rope, pins, brake, fixings', 180, 20, ['Water covered, nobody beneath', 'Rope its whole length: broken strands, rust, flat places', 'Pins and shackles closed and secured', 'Brake holds at work and at use height', 'Each fixing: cracks, play, damp round it', 'Marks of both heights still there'], ['A second person holds while one looks; never under a lamp on its brake alone.', 'A competent person judges the fixings; what is in doubt comes down.'], persons: 2),
            new TaskType('battery-test', 'Battery under load', 180, 15, ['Mains off at the device', 'Note minutes and voltage', 'Back on mains, charging']),
            new TaskType('alarm-test', 'Alarm call test', 90, 10, ['Make it call', 'Who answered, after how long', 'Reset, on']),
            new TaskType('topoff-test', 'Top-off test', 90, 8, ['Lift the float, hear it stop', 'Dip the sensor, hear it start']),
            new TaskType('drain-rehearsal', 'Power-cut rehearsal', 365, 20, ['Return off', 'Mark the highest sump level', 'Compare with the record', 'On again, weir running'], ['Stay beside the sump until it stands still.'], [OffWhile::Skimmer]),
            new TaskType('photo', 'Photo survey', 90, 6, ['Front, left, right, from above, sump']),
            new TaskType('sand-topup', 'Sand top-up', 300, 45, ['Depths measured, kg known', 'Water lowered with the change', 'Corals off the bed, places written down', 'Sand in by bag, under water', 'Corals back to their places', 'Client told: cloudy until tomorrow'], ['Big fleshy corals: let them empty, support, never squeeze.'], [OffWhile::Skimmer, OffWhile::TopOff, OffWhile::Return], messy: true),
        ];
    }

    /**
     * The standard set of a regime: task type and days; a system's own intervals are deviations.
     *
     * @param  bool  $hoisted  lamps hang over sheaves or a winch, or rise for work (B-84)
     * @return array<string, float>
     */
    public static function standard(Regime $regime, bool $hoisted = false): array
    {
        $usual = [...($hoisted ? ['hanging' => 180] : []), 'look' => 14, 'change' => 14, 'glass' => 7, 'floss' => 7, 'skimmer-cup' => 7, 'probe-calibration' => 30, 'alarm-test' => 90, 'topoff-test' => 90, 'drain-rehearsal' => 365, 'pump-soak' => 120, 'photo' => 90];

        return match ($regime) {
            Regime::Natural, Regime::Raised => [...$usual, 'vessel-refill' => 21, 'sand-quarter' => 28],
            Regime::LowNutrient => [...$usual, 'vessel-refill' => 21, 'change' => 21],
            Regime::SoftCoral => [...$usual, 'carbon' => 30],
            Regime::FishOnly => [...$usual, 'sand-quarter' => 28],
            Regime::Quarantine => [...($hoisted ? ['hanging' => 180] : []), 'look' => 3, 'change' => 3, 'glass' => 7],
            Regime::Cool => [...$usual, 'look' => 7, 'change' => 7],
        };
    }
}
