<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\OpenCheck;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Control\ChangesCalendar;
use Velbrin\Core\Control\SurveyAge;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\RoOutput;

/** What keeps a system running from the day it stands: top-off, leaks, outages, devices that fit, penetrations, one change at a time. */
final class DutiesTest extends TestCase
{
    private const VALUES = [
        'lengthMm' => 1220,
        'widthMm' => 620,
        'heightMm' => 600,
        'wallMm' => 10,
        'floorMm' => 10,
        'rockKg' => 28,
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
        'reservoirL' => 12,
        'standHeightMm' => 800,
        'winterC' => 17,
        'summerC' => 27,
        'pumpsW' => 60,
        'lightsW' => 100,
    ];

    #[Test]
    public function a_line_from_the_mains_needs_two_stops_and_floods_by_rate_and_time(): void
    {
        $mains = fn (array $more): PlanAnswers => self::plan([
            'topoffFed' => 'mains',
            'feedLh' => 6,
            'feedRunMin' => 30,
            ...$more,
        ]);
        self::assertSame(['stop'], self::severities($mains(['feedStops' => 1]), 'W-56'));
        self::assertSame(['stop'], self::severities($mains(['feedStops' => 0]), 'W-56'));
        self::assertSame(['fine'], self::severities($mains(['feedStops' => 2]), 'W-56'));
        self::assertSame(['fine'], self::severities(self::plan(), 'W-56'), 'a reservoir has an end');
        self::assertSame([], self::severities($mains([]), 'W-56'), 'unknown is not none');
        $open = array_values(array_filter($mains([])->openSafety(), fn (OpenCheck $o): bool => $o->rule === 'W-56'));
        self::assertSame(['feedStops'], $open[0]->needs);
        // The open sump holds 0.9 × 0.4 × (200 − 80) above the pump; 6 L/h for half an hour add 3.
        self::assertEqualsWithDelta(0.36 * 120 + 3, self::value($mains([]), 'floodL'), 1e-9);
        self::assertEqualsWithDelta(0.36 * 120 + 12, self::value(self::plan(), 'floodL'), 1e-9);
        self::assertEqualsWithDelta(0.36 * 120, self::value(self::plan(['topoffFed' => 'hand']), 'floodL'), 1e-9);
        self::assertSame(['watch'], self::severities(self::plan(['topoffFed' => 'hand']), 'X-48'));
        self::assertSame(['feedLh', 'feedRunMin'], self::plan(['topoffFed' => 'mains'])->figure('floodL')->needs ?? []);
    }

    #[Test]
    public function a_reservoir_must_outlast_the_way_to_its_next_refill(): void
    {
        $days = 12 / self::value(self::plan(), 'evaporationLd');
        self::assertEqualsWithDelta($days, self::value(self::plan(), 'topOffDays'), 1e-9);
        self::assertSame(
            ['fix'],
            self::severities(self::plan(['refillBy' => 'us', 'refillDays' => ceil($days) + 1]), 'W-60'),
        );
        self::assertSame(
            ['fine'],
            self::severities(self::plan(['refillBy' => 'us', 'refillDays' => max(1, floor($days))]), 'W-60'),
        );
        self::assertSame(
            ['fix', 'fine'],
            self::severities(self::plan(['refillBy' => 'nobody', 'refillDays' => max(1, floor($days))]), 'W-60'),
            'long enough, but nobody’s',
        );
    }

    #[Test]
    public function a_leak_loses_what_stands_and_what_the_pump_still_lifts(): void
    {
        $answers = self::plan();
        $said = array_map(fn (Finding $f): string => $f->what->in(Units::metric()), self::of($answers, 'R-47'));
        self::assertCount(2, $said);
        $head = self::value($answers, 'weirHeadMm');
        // Display net, usable return and reservoir; or the whole sump, what siphons back down to the outlet, pipes and reservoir.
        $up = self::value($answers, 'displayNetL') + 0.36 * 120 + 12;
        $down = 0.36 * 200 + 0.72 * ($head + 10) + 4 + 12;
        self::assertEqualsWithDelta(max($up, $down), self::value($answers, 'leakL'), 1e-6);
        self::assertGreaterThan($up - 0.001, self::value(self::plan(['reservoirL' => 40]), 'leakL'));
    }

    #[Test]
    public function a_generator_carries_the_start_and_devices_fit_their_duty(): void
    {
        $answers = self::plan();
        $heaters =
            $answers->heating?->chosen === null
                ? 0.0
                : $answers->heating->chosen->count * $answers->heating->chosen->wattsEach;
        self::assertEqualsWithDelta((60 + $heaters + 2 * 60) / 0.8, self::value($answers, 'generatorW'), 1e-9);

        $litres = self::value($answers, 'systemL');
        self::assertSame(['fix'], self::severities(self::plan(['skimmerL' => $litres - 1]), 'K-4'));
        self::assertSame(['fine'], self::severities(self::plan(['skimmerL' => 2 * $litres]), 'K-4'));
        self::assertSame(['watch'], self::severities(self::plan(['skimmerL' => 3.1 * $litres]), 'K-4'));
        self::assertSame(['fix'], self::severities(self::plan(['uvLh' => 900, 'uvMostLh' => 800]), 'K-4'));
        $need = self::value(self::plan(['pumpsW' => 300]), 'coolingW');
        self::assertGreaterThan(10, $need);
        self::assertSame(
            ['fix', 'fine', 'watch'],
            array_map(
                fn (float $t): string => self::severities(
                    self::plan(['pumpsW' => 300, 'chillerW' => $t * $need]),
                    'K-4',
                )[0],
                [1.19, 1.5, 2.1],
            ),
        );

        // RO in the cold against 1.3 of evaporation and changes.
        $needs = self::value($answers, 'evaporationLd') + ($litres * 0.2) / 30.4;
        $rated = (1.3 * $needs) / RoOutput::litresPerDay(1, 8);
        self::assertSame(
            ['fix', 'fine'],
            array_map(
                fn (float $t): string => self::severities(
                    self::plan(['roFeedC' => 8, 'changePct' => 20, 'roRatedLd' => $t * $rated]),
                    'W-65',
                )[0],
                [0.99, 1.01],
            ),
        );
    }

    #[Test]
    public function nothing_is_cut_before_it_is_ticked(): void
    {
        $rows = [
            ['name' => 'drain', 'through' => 'wall', 'purpose' => 'pipe', 'diameterMm' => 60, 'ticked' => true],
            ['name' => 'probe', 'through' => 'cabinet', 'purpose' => 'probe', 'diameterMm' => 12, 'ticked' => false],
        ];
        $open = self::of(self::plan([], ['penetrations' => $rows]), 'X-42');
        self::assertSame(['watch', 'watch'], array_map(fn (Finding $f): string => $f->severity->value, $open));
        self::assertStringContainsString('probe', $open[0]->what->in(Units::metric()));
        self::assertStringContainsString(
            'wall',
            implode(' ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $open)),
        );
        $rows[1]['ticked'] = true;
        self::assertCount(1, self::of(self::plan([], ['penetrations' => $rows]), 'X-42'));
    }

    #[Test]
    public function a_second_change_within_a_week_hides_what_the_first_did(): void
    {
        $at = fn (array $days): array => array_map(
            fn (Finding $f): string => $f->severity->value,
            ChangesCalendar::findings(
                array_map(fn (float $d): array => ['day' => $d, 'text' => "change {$d}"], $days),
                100.0,
            ),
        );
        self::assertSame(['watch'], $at([93, 99]));
        self::assertSame(['watch'], $at([92.9, 99.8]));
        self::assertSame([], $at([92.9, 99.9]), 'a week apart');
        self::assertSame(['watch'], $at([90, 93.1]));
        self::assertSame([], $at([90, 93]), 'a week ago');
        self::assertSame([], $at([80, 84]), 'long settled');
        self::assertSame(['watch', 'watch'], $at([94, 97, 99]));
        self::assertSame([], $at([99]));
        self::assertNull(SurveyAge::finding('light', 0, 365));
        self::assertSame(Severity::Watch, SurveyAge::finding('flow', 0, 366)?->severity);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private static function plan(array $values = [], array $tables = []): PlanAnswers
    {
        return Plan::answer(SoundPlan::confirmed([...self::VALUES, ...$values], $tables));
    }

    private static function value(PlanAnswers $answers, string $key): float
    {
        return $answers->figure($key)?->quantity->value ?? self::fail("{$key} is not answered");
    }

    /** @return list<Finding> */
    private static function of(PlanAnswers $answers, string $rule): array
    {
        return array_values(array_filter($answers->findings, fn (Finding $f): bool => $f->rule === $rule));
    }

    /** @return list<string> */
    private static function severities(PlanAnswers $answers, string $rule): array
    {
        return array_map(fn (Finding $f): string => $f->severity->value, self::of($answers, $rule));
    }
}
