<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\SurveySheet;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Replacement;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** Sump, drains and return chamber of a plan, against sums made by hand. */
final class WaterWaysTest extends TestCase
{
    private const VALUES = [
        'lengthMm' => 1220,
        'widthMm' => 620,
        'heightMm' => 600,
        'wallMm' => 10,
        'floorMm' => 10,
        'rockKg' => 30,
        'sandDepthMm' => 0,
        'flowLh' => 2400,
        'weirBelowRimMm' => 50,
        'weirLengthMm' => 300,
        'drains' => 'open-emergency',
        'drainBoreMm' => 44,
        'emergencyBoreMm' => 44,
        'emergencyBelowRimMm' => 45,
        'outletBelowRimMm' => 60,
        'breakBelowRimMm' => 'none',
        'returnBoreMm' => 27,
        'pipesL' => 4,
        'sumpLengthMm' => 916,
        'sumpWidthMm' => 416,
        'sumpHeightMm' => 408,
        'returnLevelMm' => 200,
        'pumpMinLevelMm' => 80,
        'reservoirL' => 8,
        'standHeightMm' => 800,
        'winterC' => 17,
        'summerC' => 27,
        'pumpsW' => 40,
        'lightsW' => 100,
    ];

    private const CHAMBERS = [
        ['name' => 'Intake', 'lengthMm' => 194, 'baffleMm' => 250],
        ['name' => 'Skimmer', 'lengthMm' => 294, 'baffleMm' => 230],
        ['name' => 'Return'],
    ];

    #[Test]
    public function chamber_levels_follow_from_baffles_and_flow(): void
    {
        // Inside 900 × 400 × 400 mm; two baffles of 6 mm leave 400 mm for the return.
        $sump = SumpWater::of(self::facts());
        $head = WeirHead::plainEdge(2400, 400);

        self::assertSame(['Intake', 'Skimmer', 'Return'], array_map(fn ($c): string => $c->name, $sump->chambers));
        self::assertEqualsWithDelta(400, $sump->returnChamber()->lengthMm, 1e-9);
        self::assertEqualsWithDelta(250 + $head, $sump->chambers[0]->levelMm, 1e-9);
        self::assertEqualsWithDelta(230 + $head, $sump->chambers[1]->levelMm, 1e-9);
        self::assertEqualsWithDelta(
            0.4 * (0.194 * (150 - $head) + 0.294 * (170 - $head) + 0.4 * 200),
            $sump->spareL(),
            1e-9,
        );
        self::assertEqualsWithDelta(0.16 * 120, $sump->usableReturnL(), 1e-9);
        $drowned = SumpWater::of(self::facts(['returnLevelMm' => 300]));
        self::assertEqualsWithDelta(
            300,
            $drowned->chambers[0]->levelMm,
            1e-9,
            'a return level over the baffles drowns them',
        );
    }

    #[Test]
    public function the_fall_of_a_siphon_is_from_surface_to_surface(): void
    {
        // Display line: 800 + 600 − (50 − head); sump line: 20 + 8 + 200.
        self::assertEqualsWithDelta(
            (1400 - 50 + WeirHead::plainEdge(2400, 300) - 228) / 1000,
            Levels::dropM(self::facts()),
            1e-9,
        );
    }

    #[Test]
    public function a_blocked_main_drain_is_told_in_litres(): void
    {
        $with = self::plan();
        $needed = DrainCapacity::levelOverOutletMm(2400, 44);
        self::assertEqualsWithDelta(
            min(50 - WeirHead::plainEdge(2400, 300), 45 - $needed),
            self::value($with, 'blockedMm'),
            1e-9,
        );
        self::assertSame(0.0, self::value($with, 'blockedFloorL'));

        // Alone: 19.2 L of the chamber, what stands over the baffles, and 8 L of top-off come up, 0.72 m² × the gap fits.
        $alone = self::plan(['drains' => 'open', 'weirBelowRimMm' => 40, 'outletBelowRimMm' => 50]);
        $room = 0.72 * (40 - WeirHead::plainEdge(2400, 300));
        $adds = 0.16 * 120 + 0.4 * (0.194 + 0.294) * WeirHead::plainEdge(2400, 400) + 8;
        self::assertEqualsWithDelta(max(0, $adds - $room), self::value($alone, 'blockedFloorL'), 1e-9);
        self::assertEqualsWithDelta($adds, self::value($alone, 'floodL'), 1e-9);
        self::assertSame(Severity::Stop, $alone->stops()[0]->severity);

        $small = self::plan(['drainBoreMm' => 30]);
        self::assertStringContainsString(
            'the return brings',
            implode(' ', array_map(fn ($f): string => $f->what->in(Units::metric()), $small->findings)),
        );
    }

    #[Test]
    public function with_three_pipes_the_open_channel_and_the_emergency_share_a_blocked_siphon(): void
    {
        $three = [
            'drains' => 'siphon-channel-emergency',
            'channelBoreMm' => 26,
            'channelBelowRimMm' => 48,
            'emergencyBoreMm' => 44,
            'emergencyBelowRimMm' => 40,
            'drainBoreMm' => 32,
        ];
        $answers = self::plan($three);
        $below = self::value($answers, 'blockedMm');
        $takes = fn (float $bore, float $inlet): float => min(
            DrainCapacity::open($bore),
            DrainCapacity::inletFlowLh($inlet - $below, $bore),
        );
        self::assertEqualsWithDelta(2400, $takes(26, 48) + $takes(44, 40), 1e-3, 'both pipes together take the return');
        self::assertGreaterThan(
            self::value(self::plan([...$three, 'drains' => 'siphon-emergency']), 'blockedMm'),
            $below,
            'a second open pipe leaves more room',
        );
        self::assertContains(
            'channelBoreMm',
            self::plan(['drains' => 'siphon-channel-emergency'])->figure('blockedMm')->needs ?? [],
        );
    }

    #[Test]
    public function each_school_is_scored_by_its_blocked_main_drain(): void
    {
        $note = fn (array $more): string => str_replace(
            "\u{a0}",
            ' ',
            (string) self::plan($more)->figure('drainSchools')?->note?->in(Units::metric()),
        );
        $two = $note([]);
        $alone = self::value(self::plan(['drains' => 'open']), 'blockedFloorL');
        self::assertStringContainsString(
            'one pipe '.str_replace("\u{a0}", ' ', Units::metric()->show(Quantity::of($alone, Kind::Volume))),
            $two,
        );
        self::assertStringContainsString('this one, pipe and emergency 0 L', $two);
        self::assertStringNotContainsString('three pipes', $two, 'its channel is not described');
        self::assertStringContainsString('three pipes 0 L', $note(['channelBoreMm' => 26, 'channelBelowRimMm' => 48]));
    }

    #[Test]
    public function heights_are_stacked_up_under_the_ceiling_and_in_the_stand(): void
    {
        $stacked = self::plan([
            'ceilingMm' => 2400,
            'lampAboveRimMm' => 250,
            'lampHeightMm' => 300,
            'standInsideMm' => 640,
        ]);
        self::assertSame(2400.0 - 800 - 600 - 250 - 300, self::value($stacked, 'ceilingSpareMm'));
        self::assertSame(640.0 - 408, self::value($stacked, 'sumpLiftMm'));
        $longer = self::plan([
            'ceilingMm' => 2400,
            'lampAboveRimMm' => 250,
            'lampHeightMm' => 800,
            'standInsideMm' => 400,
        ]);
        self::assertSame(
            [Severity::Fix, Severity::Fix],
            array_values(
                array_map(fn ($f) => $f->severity, array_filter($longer->findings, fn ($f): bool => $f->rule === 'X-34')),
            ),
        );
    }

    #[Test]
    public function a_drowned_baffle_lets_its_chamber_s_water_come_up_too(): void
    {
        // Baffle 150 under a level of 230: 372 × 434 mm of return chamber give 21.0 L, 337 × 434 mm before it 11.7 L more.
        $drowned = [
            'sumpLengthMm' => 731,
            'sumpWidthMm' => 450,
            'sumpHeightMm' => 450,
            'sumpWallMm' => 8,
            'returnLevelMm' => 230,
            'pumpMinLevelMm' => 100,
            'baffleMm' => 6,
        ];
        $chambers = fn (float $baffleMm): array => [
            'chambers' => [['name' => 'Skimmer', 'lengthMm' => 337, 'baffleMm' => $baffleMm], ['name' => 'Return']],
        ];
        $sump = fn (float $baffleMm): SumpWater => SumpWater::of(
            Facts::of(PlanBrief::read(['values' => [...self::VALUES, ...$drowned], ...$chambers($baffleMm)])),
        );
        self::assertEqualsWithDelta(21.0, $sump(150)->usableReturnL(), 0.05);
        self::assertEqualsWithDelta(32.7, $sump(150)->liftsL(), 0.05);
        // Just drowned or just not: the same water stands over it.
        self::assertGreaterThan($sump(229)->liftsL(), $sump(150)->liftsL());
        self::assertGreaterThan($sump(151)->liftsL(), $sump(150)->liftsL());
        // Below the pump's lowest level the chamber gives no more than down to that.
        self::assertEqualsWithDelta($sump(100)->liftsL(), $sump(60)->liftsL(), 1e-9);
    }

    #[Test]
    public function of_several_main_drains_one_is_blocked_and_the_others_run_on(): void
    {
        $one = self::plan(['drains' => 'open', 'drainBoreMm' => 44]);
        $three = self::plan(['drains' => 'open', 'drainBoreMm' => 44, 'drainCount' => 3]);
        self::assertEqualsWithDelta(3 * self::value($one, 'drainLh'), self::value($three, 'drainLh'), 1e-6);
        $each = DrainCapacity::open(44);
        // Two left carry just as much as is brought, or just not.
        $flow = fn (float $lh): PlanAnswers => self::plan([
            'drains' => 'open',
            'drainBoreMm' => 44,
            'drainCount' => 3,
            'flowLh' => $lh,
            'weirLengthMm' => 600,
            'reservoirL' => 60,
        ]);
        self::assertSame(0.0, self::value($flow(2 * $each - 1), 'blockedFloorL'));
        self::assertGreaterThan(0.0, self::value($flow(2 * $each + 1), 'blockedFloorL'));
        $valves = fn (string $which): array => array_map(
            fn (Finding $f): Severity => $f->severity,
            array_values(
                array_filter(
                    self::plan(['drainValves' => $which])->findings,
                    fn (Finding $f): bool => $f->rule === 'X-22' && $f->about === 'drain',
                ),
            ),
        );
        self::assertSame([Severity::Fix], $valves('all'));
        self::assertSame(
            [Severity::Fine],
            array_map(
                fn (Finding $f): Severity => $f->severity,
                array_values(
                    array_filter(
                        SoundPlan::answer(['drainValves' => 'some'])->findings,
                        fn (Finding $f): bool => $f->rule === 'X-22' && $f->about === 'drain',
                    ),
                ),
            ),
        );
    }

    #[Test]
    public function an_emergency_drain_is_not_offered_where_one_exists(): void
    {
        $remedy = fn (array $more): string => implode(
            ' ',
            array_map(
                fn (Finding $f): string => (string) $f->remedy?->in(Units::metric()),
                array_filter(
                    self::plan($more)->findings,
                    fn (Finding $f): bool => $f->rule === 'B-22' && str_contains($f->what->template, 'Blocked'),
                ),
            ),
        );
        $small = ['emergencyBoreMm' => 16, 'reservoirL' => 60, 'returnLevelMm' => 300];
        self::assertStringContainsString('wide enough', $remedy($small));
        self::assertStringNotContainsString('An emergency drain that takes', $remedy($small));
        self::assertStringContainsString('An emergency drain that takes', $remedy([...$small, 'drains' => 'open']));
    }

    #[Test]
    public function what_a_drain_carries_more_is_told_of_what_the_return_brings(): void
    {
        $more = array_values(
            array_filter(
                SoundPlan::answer()->findings,
                fn (Finding $f): bool => $f->rule === 'B-22' && $f->what->template === 'Main drain carries {carries}',
            ),
        )[0];
        $carries = self::value(SoundPlan::answer(), 'drainLh');
        self::assertSame((100 * ($carries - 3000)) / 3000, $more->why->parts['spare']->value ?? null);
        // 7 104 L/h is 137 % more than 3 000, not 58: at a third of what it carries, 200 % more.
        $third = SoundPlan::answer(['flowLh' => $carries / 3]);
        $said = array_values(
            array_filter(
                $third->findings,
                fn (Finding $f): bool => $f->what->template === 'Main drain carries {carries}',
            ),
        )[0];
        self::assertEqualsWithDelta(200.0, $said->why->parts['spare']->value ?? null, 1.0);
    }

    #[Test]
    public function the_hours_without_top_off_are_usable_water_over_evaporation(): void
    {
        $answers = self::plan();
        self::assertEqualsWithDelta(
            (24 * 0.16 * 120) / self::value($answers, 'evaporationLd'),
            self::value($answers, 'dryHours'),
            1e-9,
        );
        self::assertGreaterThan(
            self::value(self::plan(['top' => 'closed']), 'evaporationLd'),
            self::value($answers, 'evaporationLd'),
        );
        self::assertGreaterThan(
            self::value(self::plan(['humidityPct' => 90]), 'evaporationLd'),
            self::value($answers, 'evaporationLd'),
        );
    }

    #[Test]
    public function an_answer_names_the_weakest_facts_it_rests_on(): void
    {
        $bases = array_fill_keys(array_keys(self::VALUES), 'measured');
        $brief = PlanBrief::read([
            'values' => self::VALUES,
            'bases' => [...$bases, 'flowLh' => 'recalled'],
            'chambers' => self::CHAMBERS,
        ]);
        $spare = Plan::answer($brief)->figure('turnover');
        self::assertSame(Basis::Assumed, $spare?->grounds->basis, 'a default counts as assumed');
        self::assertContains('shape', $spare->grounds->fields);

        $all = [
            ...self::VALUES,
            'shape' => 'rectangular',
            'material' => 'glass',
            'weirGapsMm' => 'none',
            'salinity' => 35,
            'mixGramsPerL' => 38.5,
            'setpointC' => 25.5,
            'sumpWallMm' => 8,
            'sumpFloorMm' => 8,
            'baffleMm' => 6,
        ];
        $known = Plan::answer(
            PlanBrief::read([
                'values' => $all,
                'bases' => [...array_fill_keys(array_keys($all), 'measured'), 'flowLh' => 'recalled'],
                'chambers' => self::CHAMBERS,
            ]),
        )->figure('turnover');
        self::assertSame([Basis::Recalled, ['flowLh']], [$known?->grounds->basis, $known?->grounds->fields]);
    }

    #[Test]
    public function reading_a_brief_sets_bad_facts_aside_and_keeps_the_good_ones(): void
    {
        $brief = PlanBrief::read([
            'values' => [
                'lengthMm' => 1200,
                'widthMm' => '600',
                'heightMm' => null,
                'flowLh' => INF,
                'breakBelowRimMm' => 'none',
                'wallMm' => 'none',
                'colour' => 3,
            ],
            'chambers' => [['name' => 'A', 'lengthMm' => -3]],
            'passages' => [['name' => 'Door', 'widthMm' => 800]],
        ]);

        self::assertSame(['lengthMm' => 1200.0, 'breakBelowRimMm' => 'none'], $brief->values);
        self::assertEqualsCanonicalizing(
            ['widthMm', 'flowLh', 'wallMm', 'colour', 'chambers.0.lengthMm', 'passages.0.heightMm'],
            array_map(fn ($e): string => $e->field, $brief->errors),
        );
    }

    #[Test]
    public function the_survey_asks_for_what_the_floor_makes_necessary(): void
    {
        $keys = fn (array $values): array => array_map(fn ($s): string => $s->key, SurveySheet::missing($values));
        self::assertContains('span_mm', $keys(['floor_type' => 'timber']));
        self::assertNotContains('span_mm', $keys(['floor_type' => 'slab']));
        self::assertNotContains('humidity_pct', $keys(['humidity_pct' => 50.0]));
    }

    #[Test]
    public function a_device_is_spoken_of_sixty_days_before_its_life_ends(): void
    {
        $lifeDays = 15 * 365.25 / 12;
        self::assertNull(Replacement::of(0, 15, $lifeDays - 60.1)->finding('Heater', false));
        $soon = Replacement::of(0, 15, $lifeDays - 59.9)->finding('Heater', false);
        $late = Replacement::of(0, 15, 500)->finding('Heater', true);
        self::assertSame(Severity::Watch, $soon?->severity);
        self::assertSame([Severity::Fix, Basis::Recalled], [$late?->severity, $late?->grounds->basis]);
        self::assertEqualsWithDelta((15 * 365.25) / 12, Replacement::of(0, 15, 0)->inDays, 1e-9);
    }

    /** @return iterable<string, array{0: Job, 1: int, 2: int}> least and most of what the trade counts on, months (K-2) */
    public static function lives(): iterable
    {
        yield 'heaters before they fail' => [Job::Heater, 15, 15];
        yield 'return pumps' => [Job::ReturnPump, 36, 72];
        yield 'stream pumps' => [Job::CirculationPump, 36, 72];
        yield 'skimmer pumps' => [Job::Skimmer, 36, 72];
        yield 'probes' => [Job::Probe, 12, 18];
        yield 'batteries' => [Job::Battery, 36, 60];
    }

    #[Test]
    #[DataProvider('lives')]
    public function each_kind_of_device_has_the_life_the_trade_counts_on(Job $job, int $least, int $most): void
    {
        self::assertGreaterThanOrEqual($least, $job->lifeMonths());
        self::assertLessThanOrEqual($most, $job->lifeMonths());
    }

    /** @param  array<string, mixed>  $more */
    private static function facts(array $more = []): Facts
    {
        return Facts::of(PlanBrief::read(['values' => [...self::VALUES, ...$more], 'chambers' => self::CHAMBERS]));
    }

    /** @param  array<string, mixed>  $more */
    private static function plan(array $more = []): PlanAnswers
    {
        return Plan::answer(PlanBrief::read(['values' => [...self::VALUES, ...$more], 'chambers' => self::CHAMBERS]));
    }

    private static function value(PlanAnswers $answers, string $key): float
    {
        $quantity = $answers->figure($key)?->quantity;
        self::assertNotNull(
            $quantity,
            $key.': '.json_encode($answers->errors).json_encode($answers->figure($key)?->needs),
        );

        return $quantity->value;
    }
}
