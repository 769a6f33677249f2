<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Course\Pace;

/** What the last moves have taught about how long things take. */
final class PaceTest extends TestCase
{
    /** @return list<array{step: string, plannedMin: float, actualMin: float}> */
    private static function took(float ...$ratios): array
    {
        return array_map(
            fn (float $r): array => ['step' => 'load', 'plannedMin' => 40.0, 'actualMin' => 40.0 * $r],
            array_values($ratios),
        );
    }

    #[Test]
    public function the_middle_of_the_last_five_counts_and_of_four_nothing_is_learned(): void
    {
        self::assertSame([], Pace::learned(self::took(1.5, 1.5, 1.5, 1.5)));
        self::assertEqualsWithDelta(['load' => 1.3], Pace::learned(self::took(1.3, 9, 1.2, 1.4, 0.1)), 1e-9);
        self::assertEqualsWithDelta(['load' => 1.3], Pace::learned(self::took(1.3, 9, 1.2, 1.4, 0.1, 0.1, 0.1, 0.1, 0.1)), 1e-9);
        self::assertSame(['load' => 2.0], Pace::learned(self::took(3, 3, 3, 3, 3)));
        self::assertSame(['load' => 0.5], Pace::learned(self::took(0.2, 0.2, 0.2, 0.2, 0.2)));
        self::assertSame([], Pace::learned(array_fill(0, 5, ['step' => 'load', 'plannedMin' => 0.0, 'actualMin' => 5.0])));
    }

    #[Test]
    public function a_stage_takes_as_long_as_it_does_with_us_and_what_is_measured_or_fixed_stays(): void
    {
        $minutes = fn (array $paces): array => array_map(
            fn ($step): int => $step->minutes,
            MoveAnswers::of(MoveReader::read(MoveAnswersTest::sound(), $paces))->work->steps ?? [],
        );
        $usual = $minutes([]);
        $slow = $minutes(['load' => 1.5, 'leak' => 2.0, 'animals' => 2.0, 'fill' => 2.0, 'old' => 2.0, 'boxes' => 2.0]);
        self::assertSame((int) ceil($usual['load'] * 1.5), $slow['load']);
        unset($usual['load'], $slow['load']);
        self::assertSame($usual, $slow);
    }
}
