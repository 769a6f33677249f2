<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Symfony\Component\ExpressionLanguage\ExpressionFunction;
use Symfony\Component\ExpressionLanguage\ExpressionLanguage;
use Velbrin\Core\Build\Access;
use Velbrin\Core\Build\Passage;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Measure\Finding;

/** Channels and meters over a plan, layers against its overfilling, its damp, and the lift on the way in. */
final class LightAndWaterTest extends TestCase
{
    /** Facts and tables that every newer answer needs. */
    private const VALUES = [
        'roomM2' => 20,
        'airChangesH' => 0.5,
        'refillLh' => 600,
        'changePct' => 20,
        'visitsMonth' => 1,
        'travelMm' => 400,
        'skimmerChamber' => 2,
        'cabinetAir' => 'closed',
        'standInsideMm' => 700,
        'cabinetLengthMm' => 1400,
        'cabinetDepthMm' => 500,
        'doorWidthMm' => 1350,
        'doorHeightMm' => 660,
    ];

    #[Test]
    public function every_newer_working_gives_the_number_beside_it(): void
    {
        $answers = SoundPlan::answer(self::VALUES, [
            'channels' => [
                ['name' => 'blue', 'sharePct' => 60, 'fromH' => 9, 'hours' => 12, 'rampH' => 2, 'topPct' => 80],
            ],
            'gear' => [['name' => 'driver', 'widthMm' => 100, 'depthMm' => 100, 'heightMm' => 60, 'heatW' => 60]],
            'streams' => [['name' => 'l', 'flowLh' => 4000, 'end' => 'left', 'aim' => 'surface', 'motor' => 'none']],
            'loads' => [
                ['name' => 'h', 'kind' => 'heater', 'watts' => 200, 'circuit' => 1, 'strip' => 1, 'dry' => true],
                ['name' => 'p', 'kind' => 'return', 'watts' => 40, 'circuit' => 1, 'strip' => 1, 'dry' => true],
            ],
        ]);
        self::assertSame([], $answers->errors);
        $language = new ExpressionLanguage();
        foreach (['sqrt', 'exp', 'log', 'min', 'max'] as $name) {
            $language->addFunction(ExpressionFunction::fromPhp($name));
        }
        foreach (
            ['dliMol', 'lightKwh', 'streamTurnover', 'roomDampPct', 'refillLh', 'shutMin', 'cabinetWarmK', 'generatorW'] as $key
        ) {
            $working = $answers->figure($key)?->working;
            self::assertNotNull($working, "{$key} shows its working");
            $names = [];
            foreach ($working->inputs as $input) {
                $names[$input->symbol] = $input->quantity->value;
            }
            self::assertEqualsWithDelta(
                (float) $answers->figure($key)?->quantity?->value,
                (float) $language->evaluate($working->formula, $names),
                1e-6,
                $key,
            );
        }
    }

    #[Test]
    public function a_channel_that_cannot_be_is_refused_at_its_cell(): void
    {
        $channel = ['name' => 'a', 'sharePct' => 60, 'fromH' => 9, 'hours' => 12, 'rampH' => 2, 'topPct' => 80];
        self::assertSame(
            'channels.0.rampH',
            SoundPlan::answer([], ['channels' => [[...$channel, 'rampH' => 7]]])->errors[0]->field,
        );
        self::assertSame(
            'channels.1.sharePct',
            SoundPlan::answer([], ['channels' => [$channel, $channel]])->errors[0]->field,
        );
        $split = SoundPlan::answer(
            [],
            [
                'channels' => [
                    [...$channel, 'sharePct' => 50, 'hours' => 10, 'rampH' => 1.5, 'topPct' => 100],
                    [...$channel, 'sharePct' => 50, 'hours' => 10, 'rampH' => 1.5, 'topPct' => 100],
                ],
            ],
        );
        self::assertEqualsWithDelta(
            (float) SoundPlan::answer(['lightHours' => 10, 'lightRampH' => 1.5, 'lightTopPct' => 100])->figure('dliMol')
                ?->quantity?->value,
            $split->figure('dliMol')?->quantity?->value,
            1e-9,
        );
    }

    #[Test]
    public function readings_are_told_apart_by_meter_and_day(): void
    {
        $predicted = fn (array $points): array => SoundPlan::answer([], ['points' => $points])->lightSurvey->predicted ??
            [];
        $places = [[300, 288, 100], [600, 288, 250], [876, 200, 400], [500, 400, 150]];
        $points = array_map(
            fn (array $p): array => ['xMm' => $p[0], 'yMm' => $p[1], 'depthMm' => $p[2], 'par' => 100],
            $places,
        );
        $exact = $predicted($points);
        $read = fn (float $share, array $more): array => array_map(
            fn (array $p, float $par): array => [...$p, 'par' => $par * $share, ...$more],
            $points,
            $exact,
        );

        // At half power the meter reads half of what is predicted at full: no correction.
        $half = SoundPlan::answer([], ['points' => $read(0.5, ['setting' => 50])]);
        self::assertStringContainsString('The meter reads 100 % of the prediction', self::said($half));
        // An older day and another meter stand beside it; the latest day of the busier meter calibrates.
        $all = [
            ...$read(1.0, ['day' => '2026-01-04', 'meter' => 'old']),
            ...$read(0.8, ['day' => '2026-07-04', 'meter' => 'old']),
            ...array_slice($read(0.96, ['day' => '2026-07-04', 'meter' => 'new']), 0, 2),
        ];
        $both = SoundPlan::answer([], ['points' => $all]);
        $said = self::said($both);
        self::assertStringContainsString('The meter reads 80 % of the prediction', $said);
        self::assertStringContainsString('2026-07-04: 20 % less light than 2026-01-04', $said);
        self::assertMatchesRegularExpression('/old reads 17 % less than new|new reads 20 % more than old/', $said);
        self::assertEqualsWithDelta(
            0.8 * (float) SoundPlan::answer()->figure('parMid')?->quantity?->value,
            $both->figure('parMid')?->quantity?->value,
            1e-6,
        );
        self::assertStringContainsString(
            'more light than 2026-01-04',
            self::said(
                SoundPlan::answer(
                    [],
                    ['points' => [...$read(1.0, ['day' => '2026-01-04']), ...$read(1.3, ['day' => '2026-03-04'])]],
                ),
            ),
        );
        foreach (['2026-13-04', '2026-02-29', '2026-04-31', '4 May'] as $noDay) {
            self::assertSame(
                'points.0.day',
                SoundPlan::answer([], ['points' => $read(1, ['day' => $noDay])])->errors[0]->field,
                $noDay,
            );
        }
        self::assertSame([], SoundPlan::answer([], ['points' => $read(1, ['day' => '2028-02-29'])])->errors);
        $day = ['day' => '2026-07-04'];
        foreach ([[1.099, false], [1.101, true]] as [$share, $isApart]) {
            $of = [...$read(1.0, [...$day, 'meter' => 'a']), ...array_slice($read($share, [...$day, 'meter' => 'b']), 0, 2)];
            $remedies = array_map(
                fn (Finding $f): ?string => $f->remedy?->code,
                SoundPlan::of(SoundPlan::answer([], ['points' => $of]), 'B-52'),
            );
            self::assertSame($isApart, in_array('build.keep-to-one-meter-here', $remedies, true), "one tenth: {$share}");
        }
    }

    #[Test]
    public function readings_a_fifth_apart_from_the_plan_each_their_own_way_say_that_the_plan_is_wrong(): void
    {
        $places = [[300, 288, 100], [600, 288, 250], [876, 200, 400], [500, 400, 150]];
        $points = array_map(fn (array $p): array => ['xMm' => $p[0], 'yMm' => $p[1], 'depthMm' => $p[2], 'par' => 100], $places);
        $exact = SoundPlan::answer([], ['points' => $points])->lightSurvey->predicted ?? [];
        $scatters = ['fine' => [], 'watch' => []];
        for ($off = 0; $off <= 60; $off++) {
            $par = fn (int $n): float => $exact[$n] * (1 + ($n % 2 === 0 ? $off : -$off) / 100);
            $read = array_map(fn (array $p, int $n): array => [...$p, 'par' => $par($n)], $points, array_keys($points));
            $answers = SoundPlan::answer([], ['points' => $read]);
            $said = SoundPlan::of($answers, 'B-52')[0];
            $scatters[$said->severity->value][] = $answers->lightSurvey->scatterPct ?? NAN;
        }
        self::assertEqualsWithDelta(20, max($scatters['fine']), 1.5);
        self::assertLessThanOrEqual(20, max($scatters['fine']));
        self::assertGreaterThan(20, min($scatters['watch']));
    }

    #[Test]
    public function two_of_one_principle_are_one_stop_and_a_tray_is_none(): void
    {
        $mains = ['topoffFed' => 'mains', 'feedLh' => 8, 'feedRunMin' => 30];
        $layer = fn (string $kind, bool $closes = true): array => [
            'name' => $kind,
            'kind' => $kind,
            'closes' => $closes,
        ];
        $stops = fn (array $layers): array => array_map(
            fn ($f): string => $f->rule,
            SoundPlan::answer($mains, ['layers' => $layers])->stops(),
        );
        self::assertContains('W-56', $stops([$layer('sensor'), $layer('two-level')]), 'both read a level');
        self::assertContains(
            'W-56',
            $stops([$layer('float'), $layer('tray'), $layer('non-return'), $layer('overflow')]),
            'one stops, three catch or do nothing',
        );
        self::assertNotContains('W-56', $stops([$layer('float'), $layer('sensor')]));
        $said = SoundPlan::said(
            SoundPlan::of(
                SoundPlan::answer($mains, ['layers' => [$layer('float', false), $layer('sensor', false)]]),
                'X-20',
                'X-23',
            ),
        );
        self::assertStringContainsString('The mechanical float stops', $said);
        self::assertStringContainsString('Stays open without power: sensor', $said, 'a float needs no power');
    }

    #[Test]
    public function a_damp_room_says_how_much_air_would_keep_it_dry(): void
    {
        $small = SoundPlan::answer(['roomM2' => 40, 'airChangesH' => 0.5, 'top' => 'open', 'winterC' => 18]);
        self::assertStringContainsString('on a winter night', SoundPlan::said(SoundPlan::of($small, 'B-42')));
        self::assertGreaterThan(
            (float) SoundPlan::answer(['roomM2' => 60, 'airChangesH' => 1, 'winterC' => 18])->figure('roomDampPct')
                ?->quantity?->value,
            $small->figure('roomDampPct')?->quantity?->value,
        );
        self::assertGreaterThan(
            (float) SoundPlan::answer([
                'roomM2' => 40,
                'airChangesH' => 0.5,
                'top' => 'closed',
                'winterC' => 18,
            ])->figure('roomDampPct')?->quantity?->value,
            $small->figure('roomDampPct')?->quantity?->value,
            'a hood keeps it in',
        );
    }

    #[Test]
    public function a_piece_stands_or_leans_in_a_lift_or_does_not_go(): void
    {
        $car = fn (float $depth, float $height = 2100): float => Access::of(
            1200,
            600,
            550,
            new Passage('lift', 900, $height, carDepthMm: $depth),
        )->slackMm();
        // A low car: flat in it, 1300 − 1200. A high one: upright, 2100 − 1200 and 1300 − 600.
        self::assertEqualsWithDelta(
            100.0,
            Access::of(1200, 600, 550, new Passage('lift', 900, 1000, carDepthMm: 1300))->carMm,
            1e-6,
        );
        self::assertEqualsWithDelta(
            700.0,
            Access::of(1200, 600, 550, new Passage('lift', 900, 2100, carDepthMm: 1300))->carMm,
            1e-6,
        );
        self::assertGreaterThan(0, $car(1000), 'upright: 600 deep, 1200 high');
        self::assertLessThan(0, $car(500), 'neither side goes in');
        self::assertLessThan(0, $car(1100, 1150), 'not flat, not upright, not leaned');
        $last = -INF;
        foreach ([400, 600, 800, 1000, 1200, 1600] as $depth) {
            self::assertGreaterThanOrEqual($last, $car($depth));
            $last = $car($depth);
        }
        $stop = SoundPlan::answer(
            [],
            ['passages' => [['name' => 'Lift', 'widthMm' => 900, 'heightMm' => 1150, 'carDepthMm' => 500]]],
        );
        self::assertStringContainsString('Display does not pass: Lift, the lift car', SoundPlan::said($stop->stops()));
    }

    private static function said(PlanAnswers $answers): string
    {
        return SoundPlan::said(SoundPlan::of($answers, 'B-52', 'B-83'));
    }
}
