<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Quote;
use Velbrin\Core\Build\QuoteByStage;
use Velbrin\Core\Build\Stages;
use Velbrin\Core\Build\TakeOff;
use Velbrin\Core\Build\TakeOffLine;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

final class TakeOffTest extends TestCase
{
    private const TANK = [
        'lengthMm' => 1024,
        'widthMm' => 524,
        'heightMm' => 512,
        'wallMm' => 12,
        'floorMm' => 12,
        'rockKg' => 28,
        'sandDepthMm' => 0,
        'waterGapMm' => 50,
        'weirBelowRimMm' => 'none',
    ];

    #[Test]
    public function quantities_come_from_the_plan_and_what_is_not_known_is_named(): void
    {
        $brief = PlanBrief::read(['values' => ['weirBelowRimMm' => null] + self::TANK]);
        $take = TakeOff::of($brief, Plan::answer($brief));
        $of = array_combine(
            array_map(fn (TakeOffLine $l): string => $l->key, $take->lines),
            array_map(fn (TakeOffLine $l): float => $l->quantity->value, $take->lines),
        );
        // 1 m × 0.5 m inside, 450 mm of water: 225 L less 28 kg of rock at 2.8 kg/L.
        self::assertEqualsWithDelta(215.0, $of['ro-water'], 1e-9);
        self::assertEqualsWithDelta(8.3, $of['salt'], 1e-9);
        self::assertEqualsWithDelta(28.0, $of['rock'], 1e-9);
        self::assertArrayNotHasKey('sand', $of, 'none is none, not a line of nought');
        self::assertArrayNotHasKey('lamp', $of);
        self::assertContains('drainBoreMm', $take->waits['drain-pipe']);
        self::assertContains('flowLh', $take->waits['return-pump']);
        self::assertNull($take->roDays);
        // 100 L a day at 25 °C, fed at 25 °C: two days and a bit.
        self::assertEqualsWithDelta(
            2.15,
            (float) TakeOff::roDays(PlanBrief::read(['values' => self::TANK + ['roRatedLd' => 100, 'roFeedC' => 25]])),
            1e-9,
        );
    }

    #[Test]
    public function a_stage_never_begins_before_what_it_waits_for(): void
    {
        $facts = Facts::of(
            PlanBrief::read(['values' => self::TANK + ['roRatedLd' => 20, 'roFeedC' => 25, 'standKg' => 60]]),
        );
        $stages = Stages::of($facts);
        $course = Stages::course($stages);
        $before = 0.0;
        foreach ($stages as $stage) {
            [$begins, $stands] = $course[$stage->key];
            self::assertGreaterThanOrEqual($before - 1e-9, $begins, $stage->key);
            self::assertGreaterThanOrEqual($begins, $stands);
            $before = $stands;
        }
        // 215 L at 20 L a day, from the day the tank stands.
        self::assertGreaterThanOrEqual($course['set'][1] + 215 / 20 - 1e-9, $course['filled'][0]);
        self::assertGreaterThan(Stages::LEAD_DAYS + Stages::CURE_DAYS + Stages::LEAK_TEST_DAYS, $course['set'][0]);
        foreach ($stages as $stage) {
            if (in_array($stage->key, ['structure', 'electrics', 'lights'], true)) {
                self::assertFalse($stage->mayBeWaived, 'no waiver for what can hurt people');
            }
        }
    }

    #[Test]
    public function a_quote_adds_up_to_the_last_penny(): void
    {
        $line = fn (string $key, float $n, Kind $kind = Kind::Mass): TakeOffLine => new TakeOffLine(
            $key,
            $key,
            Quantity::of($n, $kind),
        );
        $quote = Quote::of(
            [$line('rock', 42.35), $line('salt', 8.2775), $line('lamp', 3, Kind::Count)],
            ['rock' => 1299, 'salt' => 455],
            1900,
        );
        self::assertSame(['rock' => 55013, 'salt' => 3766, 'lamp' => null], $quote->lineMinor);
        self::assertSame(55013 + 3766, $quote->netMinor);
        self::assertSame($quote->netMinor + $quote->taxMinor, $quote->totalMinor);
        self::assertSame(11168, $quote->taxMinor);
        self::assertSame(['lamp'], $quote->unpriced());
        $this->expectException(OutOfRange::class);
        Quote::of([], [], 20000);
    }

    #[Test]
    public function by_stage_no_unit_of_money_is_lost(): void
    {
        $brief = SoundPlan::brief(
            [],
            ['board' => [['name' => 's', 'kind' => 'strip', 'widthMm' => 300, 'heightMm' => 60]]],
        );
        $take = TakeOff::of($brief, SoundPlan::answer());
        $stages = Stages::of(Facts::of($brief));
        foreach ([1, 7, 33, 999, 6401, 123457] as $price) {
            $quote = Quote::of($take->lines, array_map(fn (): int => $price, TakeOff::KEYS), 2000);
            $rows = QuoteByStage::of($stages, $take->lines, $quote);
            self::assertSame($quote->netMinor, array_sum(array_column($rows, 'minor')), "at {$price} a unit");
            self::assertSame($quote->lineMinor['labour'], array_sum(array_column($rows, 'labourMinor')));
        }
        $at = array_column($rows, null, 'key');
        self::assertContains('strip', array_map(fn ($l): string => $l->key, $at['electrics']['lines']));
        self::assertContains('rock', array_map(fn ($l): string => $l->key, $at['scape']['lines']));
        // Every line is needed at some stage, but for the hours themselves.
        $placed = array_merge(
            ...array_map(fn (array $r): array => array_map(fn ($l): string => $l->key, $r['lines']), $rows),
        );
        self::assertSame(
            ['labour'],
            array_values(array_diff(array_map(fn ($l): string => $l->key, $take->lines), $placed)),
        );
    }
}
