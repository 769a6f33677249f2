<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\TakeOff;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\Units;

/** Several vessels on one water: everything that is summed is summed, and nothing is counted twice. */
final class OtherVesselsTest extends TestCase
{
    private const VALUES = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 550,
        'wallMm' => 12,
        'floorMm' => 12,
        'bracing' => 'braced',
        'rockKg' => 40,
        'sandDepthMm' => 30,
        'flowLh' => 3000,
        'weirBelowRimMm' => 60,
        'weirLengthMm' => 400,
        'outletBelowRimMm' => 70,
        'breakBelowRimMm' => 62,
        'returnBoreMm' => 27,
        'returnLengthM' => 2.4,
        'returnSumK' => 5.5,
        'pipesL' => 5,
        'standKg' => 60,
        'sumpLengthMm' => 900,
        'sumpWidthMm' => 450,
        'sumpHeightMm' => 450,
        'returnLevelMm' => 200,
        'pumpsW' => 40,
        'lightsW' => 90,
        'winterC' => 18,
        'summerC' => 26,
    ];

    private const CHAMBERS = [
        ['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 250],
        ['name' => 'Skimmer', 'lengthMm' => 300, 'baffleMm' => 230],
        ['name' => 'Return'],
    ];

    /** 1 m × 0.5 m inside: half a litre a millimetre. */
    private const FRAG = [
        'name' => 'frag tank',
        'lengthMm' => 1020,
        'widthMm' => 520,
        'heightMm' => 400,
        'wallMm' => 10,
        'waterMm' => 300,
        'bottomMm' => 900,
        'downMm' => 20,
        'ownPump' => true,
    ];

    #[Test]
    public function water_salt_heat_and_run_down_follow_each_vessel(): void
    {
        [$alone, $both] = [self::plan(), self::plan(self::FRAG)];
        $value = fn (PlanAnswers $a, string $key): float => $a->figure($key)?->quantity->value ?? NAN;
        self::assertEqualsWithDelta(150.0, $value($both, 'systemL') - $value($alone, 'systemL'), 1e-9);
        self::assertEqualsWithDelta((150 * 38.5) / 1000, $value($both, 'saltKg') - $value($alone, 'saltKg'), 1e-9);
        self::assertEqualsWithDelta(10.0, $value($both, 'downL') - $value($alone, 'downL'), 1e-9);
        self::assertEqualsWithDelta(
            $value($both, 'downL'),
            $value($both, 'stopsL'),
            1e-9,
            'all pumps stopping is the power cut',
        );
        self::assertGreaterThan($value($alone, 'lossWinterW'), $value($both, 'lossWinterW'));
        self::assertGreaterThan($value($alone, 'evaporationLd'), $value($both, 'evaporationLd'));
        self::assertSame($value($alone, 'massKg'), $value($both, 'massKg'), 'it stands on a place of its own');
        self::assertLessThan($value($alone, 'marginPct'), $value($both, 'marginPct'));
        $brief = self::brief([self::FRAG]);
        self::assertContains('vessel-glass', array_column(TakeOff::of($brief, $both)->lines, 'key'));
    }

    #[Test]
    public function litres_stay_the_same_through_the_power_cut_of_several_vessels(): void
    {
        $frames = self::plan(self::FRAG)->powerCut;
        self::assertGreaterThanOrEqual(12, count($frames));
        $total = fn (PowerCutFrame $f): float => $f->displayL + $f->pipesL + $f->sumpL + $f->floorL;
        foreach ($frames as $frame) {
            self::assertEqualsWithDelta($total($frames[0]), $total($frame), 1e-6);
        }
    }

    #[Test]
    public function every_way_the_pumps_can_stop_is_named(): void
    {
        $brief = self::brief([
            self::FRAG,
            [...self::FRAG, 'name' => 'refugium', 'ownPump' => false],
            [...self::FRAG, 'name' => 'second display'],
        ]);
        $note = Plan::answer($brief)->figure('stopsL')?->note;
        self::assertNotNull($note);
        // Three pumps: seven ways, of which all at once stands as the figure.
        $said = $note->in(Units::metric());
        self::assertCount(6, explode(', ', explode('Alone: ', $said)[1]));
        self::assertStringContainsString('frag tank’s and second display’s', $said);
        self::assertStringNotContainsString('refugium', $said, 'it stops with the return');
    }

    #[Test]
    public function a_colder_room_of_its_own_is_in_the_heaters_sum(): void
    {
        $value = fn (PlanAnswers $a, string $key): float => $a->figure($key)?->quantity->value ?? NAN;
        [$with, $cold] = [
            self::plan(self::FRAG),
            self::plan([...self::FRAG, 'room' => 'Cellar', 'winterC' => 8, 'summerC' => 18]),
        ];
        // The same water and walls: what it loses more is its own conductance times ten kelvin, and what dries more besides.
        $own = fn (float $roomC): float => $value(self::plan([...self::FRAG, 'winterC' => $roomC]), 'othersLossW');
        $more = $value($cold, 'lossWinterW') - $value($with, 'lossWinterW');
        self::assertGreaterThan(50.0, $own(8) - $own(18));
        self::assertGreaterThan($own(8) - $own(18), $more);
        self::assertSame(
            $value($with, 'lossWinterW'),
            $value(self::plan([...self::FRAG, 'winterC' => 18, 'summerC' => 26]), 'lossWinterW'),
            'a room like the display’s changes nothing',
        );
        self::assertGreaterThan(0.0, $value($cold, 'othersLossW'));
        self::assertNull($with->figure('othersLossW'));
        $last = -INF;
        foreach ([18, 12, 6, 0] as $roomC) {
            $loss = $value(self::plan([...self::FRAG, 'winterC' => $roomC]), 'lossWinterW');
            self::assertGreaterThan($last, $loss, 'colder never loses less');
            $last = $loss;
        }
        self::assertSame(
            'vessels.0.winterC',
            self::brief([[...self::FRAG, 'winterC' => 25, 'summerC' => 20]])->errors[0]->field ?? null,
        );
    }

    #[Test]
    public function lamps_over_a_further_vessel_light_it_and_not_the_display(): void
    {
        $lamp = [
            'name' => 'Grow',
            'xMm' => 500,
            'yMm' => 250,
            'aboveRimMm' => 150,
            'ppf' => 60,
            'halfAngleDeg' => 45,
            'over' => 1,
        ];
        $plan = fn (array $frag, array ...$lamps): PlanAnswers => Plan::answer(
            PlanBrief::read([
                'values' => self::VALUES,
                'chambers' => self::CHAMBERS,
                'vessels' => [[...self::FRAG, ...$frag]],
                'lamps' => array_values($lamps),
            ]),
        );
        $day = $plan([], $lamp)->figure('otherLight1');
        self::assertGreaterThan(20.0, $day?->quantity->value);
        self::assertNull($plan([], $lamp)->figure('parMid'), 'nothing over the display');
        $night = $plan(['reversed' => true], $lamp)->figure('otherLight1');
        self::assertSame($day?->quantity->value, $night?->quantity->value);
        self::assertStringContainsString('while the display is dark', (string) $night?->note?->template);
        // Eight hours of twenty-four by default or not: day and night of it make a whole.
        self::assertEqualsWithDelta(
            24.0,
            ($day?->note?->parts['hours']->value ?? NAN) + ($night?->note?->parts['hours']->value ?? NAN),
            1e-9,
        );
        self::assertSame('lamps.0.over', $plan([], [...$lamp, 'over' => 3])->errors[0]->field ?? null);
        self::assertSame('lamps.0.xMm', $plan([], [...$lamp, 'xMm' => 1100])->errors[0]->field ?? null);
    }

    #[Test]
    public function a_map_is_drawn_at_any_depth_of_the_water(): void
    {
        $lamps = [['name' => 'L', 'xMm' => 600, 'yMm' => 300, 'aboveRimMm' => 200, 'ppf' => 200, 'halfAngleDeg' => 45]];
        $plan = fn (array $values): PlanAnswers => Plan::answer(
            PlanBrief::read([
                'values' => [...self::VALUES, ...$values],
                'chambers' => self::CHAMBERS,
                'lamps' => $lamps,
            ]),
        );
        $maps = $plan(['mapDepthMm' => 123])->light;
        self::assertSame(123.0, $maps['own']->depthMm);
        self::assertLessThan($maps['top']->mean, $maps['own']->mean);
        self::assertGreaterThan($maps['mid']->mean, $maps['own']->mean);
        self::assertSame(['top', 'upper', 'mid', 'lower', 'low'], array_keys($plan([])->light));
        self::assertSame('mapDepthMm', $plan(['mapDepthMm' => 900])->errors[0]->field ?? null);
    }

    #[Test]
    public function a_vessel_that_cannot_be_is_refused_at_its_field(): void
    {
        $field = fn (array $row): ?string => self::brief([[...self::FRAG, ...$row]])->errors[0]->field ?? null;
        self::assertSame('vessels.0.waterMm', $field(['waterMm' => 395]));
        self::assertSame('vessels.0.downMm', $field(['downMm' => 301]));
        self::assertSame('vessels.0.lengthMm', $field(['lengthMm' => -5]));
        self::assertNull($field([]));
    }

    /** @param  array<string, mixed>  ...$vessels */
    private static function plan(array ...$vessels): PlanAnswers
    {
        return Plan::answer(self::brief(array_values($vessels)));
    }

    /** @param  list<array<string, mixed>>  $vessels */
    private static function brief(array $vessels): PlanBrief
    {
        return PlanBrief::read(['values' => self::VALUES, 'chambers' => self::CHAMBERS, 'vessels' => $vessels]);
    }
}
