<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The course of a build in its order, with hours from the plan’s own masses and litres, and the earliest day of each stage from what
 * comes before it (B-71). Hours are the house’s usual ones; cure, leak test, lead and water take the days they take.
 */
final class Stages
{
    public const LEAD_DAYS = 28.0;

    public const CURE_DAYS = 7.0;

    public const LEAK_TEST_DAYS = 2.0;

    public const CYCLE_DAYS = 28.0;

    public const HOURS_A_DAY = 8.0;

    /** One person lifts this much. */
    private const LIFT_KG = 25.0;

    /**
     * @return list<Stage>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function of(Facts $facts): array
    {
        $mass = PlanMass::of($facts);
        $litres = Volumes::systemL($facts);
        $display = DisplayTank::vessel($facts)->massKg();
        $ro = TakeOff::roDays($facts->brief);
        $lifting = max(2, (int) ceil($display / self::LIFT_KG / 2));
        $lamps = max(1, count($facts->brief->lamps));
        $dark = $facts->brief->has(PlanField::DarkDays) ? $facts->number(PlanField::DarkDays) : 0.0;

        return [
            new Stage(
                'survey',
                'Survey signed',
                2,
                1,
                'the survey with its open facts, signed',
                tools: [
                    'tape and laser',
                    'spirit level, 2 m',
                    'polarised film',
                    'TDS and pressure gauge',
                    'survey sheets',
                ],
            ),
            new Stage(
                'structure',
                'Structure cleared',
                1,
                1,
                'the engineer’s document, or a floor within its usual allowance',
                ['A wall opening or a weak floor can bring down a house: a licensed structural engineer decides.'],
                mayBeWaived: false,
                clearRules: ['B-11', 'B-12'],
                tools: ['the plan’s loads on paper'],
            ),
            new Stage(
                'ordered',
                'Ordered',
                2,
                1,
                'orders with promised dates',
                waitDays: self::LEAD_DAYS,
                waitsFor: 'the longest lead time',
                tools: ['hole plan at full size'],
                holds: ['Consents that are asked for are on paper', 'Hole plan signed by who draws and who drills'],
            ),
            new Stage(
                'fabricated',
                'Fabricated and drilled',
                4,
                1,
                'holes against the plan, edges ground',
                ['Never drill toughened glass.', 'Gloves and goggles.'],
                tools: [
                    'diamond hole saws',
                    'water feed, clamps, template',
                    'gloves, goggles',
                    'residual-current plug',
                ],
                holds: [
                    'Each pane to be drilled tried for toughened glass',
                    'Template measured against the hole plan',
                    'Each penetration looked at on the spot, both sides',
                ],
            ),
            new Stage(
                key: 'leak-test',
                label: 'Leak test',
                hours: 2,
                persons: 1,
                proof: 'a day or two full of fresh water, dry outside',
                cautions: ['Fill where a burst does no harm.'],
                waitDays: self::CURE_DAYS + self::LEAK_TEST_DAYS,
                waitsFor: 'silicone to cure since the vessel was built, then the test',
                mustWait: true,
                tools: ['dry paper', 'marker, camera', 'level, tray'],
            ),
            new Stage(
                'set',
                'Delivered, set, level',
                round(2 + $mass->vesselsKg / 120, 1),
                min(8, $lifting),
                'level within 2 mm in a metre',
                ['Suction cups with a second hold; nobody under the glass.'],
                tools: [
                    'suction cups with a second hold',
                    'straps, blankets, floor cover',
                    'spirit level, shims',
                    'two torches',
                ],
            ),
            new Stage(
                'plumbed',
                'Plumbed and tried',
                5,
                1,
                'every joint dry at full flow',
                ['Solvent cement: air, gloves, no flame.'],
                tools: ['pipe saw, deburrer', 'primer, cement, gloves', 'unions, valves', 'cloth and paper towels'],
                holds: ['Dry fitted and marked; collars and unions on the pipe before glue'],
            ),
            new Stage(
                'electrics',
                'Electrics and controller',
                4,
                1,
                'the electrician’s record; residual-current protection tried',
                ['A licensed electrician installs; drip loops, plugs above the water line.'],
                mayBeWaived: false,
                tools: ['labels, cable ties', 'grommets', 'residual-current tester'],
                holds: ['No filling runs beside it'],
            ),
            new Stage(
                'lights',
                'Lights hung',
                $lamps,
                2,
                'fixings confirmed on site by a competent person',
                ['Two people; nothing stands under a lamp while it hangs by a hand.'],
                mayBeWaived: false,
                clearRules: ['B-53'],
                tools: ['ladder', 'fixings and drill for this ceiling', 'spirit level', 'cover for the water'],
                holds: ['Each fixing pulled with its test load'],
            ),
            new Stage(
                key: 'filled',
                label: 'Filled and salted',
                hours: round(2 + $litres / 500, 1),
                persons: 1,
                proof: 'salinity and temperature read twice',
                cautions: ['Salt into water, never water onto salt.'],
                waitDays: $ro ?? 0.0,
                waitsFor: $ro === null ? '' : 'the RO water to be made',
                tools: ['hoses, transfer pump', 'refractometer, thermometer', 'salt, scales', 'torch for every joint'],
                holds: [
                    'The packet read, its contents counted',
                    'Stand and floor looked at under the leak test’s load',
                    'Panels still open: cladding comes last',
                ],
            ),
            new Stage(
                'scape',
                'Sand and rock in, pumps off',
                round(2 + $mass->rockKg / 40, 1),
                1,
                'rock stands on the base and does not rock',
                ['Electricity off before hands go in.'],
                tools: ['sieve and buckets', 'rinsed sand', 'gloves, long tongs'],
                holds: ['Panes wiped before the sand goes in', 'Pumps off'],
            ),
            new Stage(
                'rehearsal',
                'Power-cut rehearsal',
                1,
                1,
                'the sump rose as computed, and it ran again',
                ['Stay beside the sump until it stands still.'],
                tools: ['marker for levels', 'stopwatch'],
            ),
            new Stage(
                'alarms',
                'Alarms tested',
                1,
                1,
                'made to call, and answered',
                tools: ['a second telephone', 'cup of water for the leak probe'],
            ),
            new Stage(
                'cycle',
                'Cycle',
                1,
                1,
                'ammonia and nitrite at nothing, twice',
                waitDays: max(self::CYCLE_DAYS, $dark),
                waitsFor: $dark > self::CYCLE_DAYS ? 'the dark start' : 'the bacteria',
                tools: ['ammonia and nitrite tests', 'ammonia source'],
            ),
            new Stage(
                'animals',
                'First animals',
                2,
                1,
                'seen eating the day after',
                tools: ['thermometer, refractometer', 'acclimation tubs, net'],
                holds: ['Rock stands as it will stay'],
            ),
            new Stage(
                'handover',
                'Handover file',
                2,
                1,
                'the client has it and knows whom to call',
                tools: ['the file, printed', 'sheet for the household'],
            ),
        ];
    }

    /**
     * Days from today at which each stage can begin and at which its proof can stand. What is passed takes no more days; RO water is made
     * while the rest goes on.
     *
     * @param  list<Stage>  $stages
     * @param  list<string>  $passed  keys
     * @param  array<string, float>|null  $holds  days before which a stage cannot begin, by key, from its deliveries; null: nothing is
     *                                            ordered yet and the longest lead time counts
     * @return array<string, array{0: float, 1: float}> by stage: begins, stands
     */
    public static function course(array $stages, array $passed = [], ?array $holds = null): array
    {
        $day = 0.0;
        $course = [];
        $made = 0.0;
        foreach ($stages as $stage) {
            $begins = $day;
            if (! in_array($stage->key, $passed, true)) {
                $wait = $stage->key === 'ordered' && $holds !== null ? 0.0 : $stage->waitDays;
                $begins = max($day, $holds[$stage->key] ?? 0.0);
                // The plant runs from the day the tank stands: the fill waits only for what is not yet made.
                $begins = $stage->key === 'filled' ? max($begins, $made + $wait) : $begins;
                $day = $begins + $stage->hours / self::HOURS_A_DAY + ($stage->key === 'filled' ? 0.0 : $wait);
            }
            $course[$stage->key] = [$begins, $day];
            if ($stage->key === 'set') {
                $made = $day;
            }
        }

        return $course;
    }
}
