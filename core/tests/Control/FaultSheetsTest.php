<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Cause;
use Velbrin\Core\Control\CheckWay;
use Velbrin\Core\Control\FaultWalk;
use Velbrin\Core\Control\Symptom;
use Velbrin\Core\Measure\OutOfRange;

/** Fault-finding sheets: believe no single instrument, then no single part; every way down ends in a cause (P-21). */
final class FaultSheetsTest extends TestCase
{
    /** @return array<string, array{0: Symptom}> */
    public static function symptoms(): array
    {
        return array_combine(
            array_column(Symptom::cases(), 'value'),
            array_map(fn (Symptom $s): array => [$s], Symptom::cases()),
        );
    }

    #[Test]
    #[DataProvider('symptoms')]
    public function a_second_instrument_comes_first_then_a_power_reading_and_a_known_good_swap(Symptom $symptom): void
    {
        $checks = $symptom->checks();
        self::assertSame(CheckWay::SecondInstrument, $checks[array_key_first($checks)]->way);
        $ways = array_map(fn ($c): CheckWay => $c->way, array_values($checks));
        self::assertContains(CheckWay::Power, $ways);
        self::assertContains(CheckWay::Swap, $ways);
    }

    #[Test]
    #[DataProvider('symptoms')]
    public function every_way_down_ends_in_a_cause_with_part_and_follow_up_and_every_check_is_reached(
        Symptom $symptom,
    ): void {
        $seen = [];
        $ends = 0;
        $walk = function (array $answers) use (&$walk, &$seen, &$ends, $symptom): void {
            $at = FaultWalk::of($symptom, $answers);
            self::assertLessThan(12, count($answers), 'a sheet goes in circles');
            if ($at->cause instanceof Cause) {
                $ends++;
                self::assertNull($at->check);
                self::assertNotSame('', $at->cause->part);
                self::assertNotSame('', $at->cause->follow);
                self::assertGreaterThanOrEqual(0, $at->cause->days);
                self::assertStringContainsString($at->cause->says, $at->words());
                self::assertLessThanOrEqual(1000, mb_strlen($at->words()));

                return;
            }
            self::assertNotNull($at->check);
            self::assertGreaterThan(1, count($at->check->answers), $at->check->ask);
            $seen[$at->check->ask] = true;
            foreach (range(0, count($at->check->answers) - 1) as $n) {
                $walk([...$answers, $n]);
            }
        };
        $walk([]);
        self::assertCount(count($symptom->checks()), $seen, 'a check nobody reaches');
        self::assertGreaterThan(5, $ends);
    }

    #[Test]
    public function a_dead_heater_is_found_by_power_and_swap(): void
    {
        $walk = FaultWalk::of(Symptom::Cold, [1, 0, 0, 0]);
        self::assertSame('heater', $walk->cause?->part);
        self::assertSame(
            [CheckWay::SecondInstrument, CheckWay::Power, CheckWay::Swap, CheckWay::Swap],
            array_column($walk->trail, 'way'),
        );
        self::assertSame('The probe reads low, the water is well.', FaultWalk::of(Symptom::Cold, [0])->cause?->says);
    }

    #[Test]
    public function an_answer_that_is_none_is_refused(): void
    {
        foreach ([[7], [0, 0]] as $answers) {
            try {
                FaultWalk::of(Symptom::Cold, $answers);
                self::fail('taken');
            } catch (OutOfRange $e) {
                self::assertStringStartsWith('answers', $e->field);
            }
        }
    }
}
