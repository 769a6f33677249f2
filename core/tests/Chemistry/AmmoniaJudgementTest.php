<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** Ammonia is judged by its free part wherever animals live (C-59). */
final class AmmoniaJudgementTest extends TestCase
{
    #[Test]
    public function three_milligrams_at_a_usual_ph_do_not_pass_in_silence(): void
    {
        $judged = AmmoniaJudgement::of(3.0, 8.08, 25.5, 35, 26.5, 34);
        self::assertEqualsWithDelta(FreeAmmonia::mgL(3.0, 8.08, 25.5, 35), $judged->freeMgL, 1e-12);
        self::assertTrue($judged->isStop());
        self::assertSame([], $judged->assumed);
    }

    /** @return iterable<string, array{0: float, 1: Severity}> free part, verdict */
    public static function limits(): iterable
    {
        yield 'just under the act limit' => [0.0199, Severity::Fine];
        yield 'at the act limit' => [0.02, Severity::Fix];
        yield 'just under the stop' => [0.0499, Severity::Fix];
        yield 'at the stop' => [0.05, Severity::Stop];
        yield 'a quarantine with 0.051' => [0.051, Severity::Stop];
    }

    #[Test]
    #[DataProvider('limits')]
    public function each_limit_on_both_sides(float $freeMgL, Severity $severity): void
    {
        $share = FreeAmmonia::mgL(1.0, 8.1, 25, 35);
        // A hair of rounding must not turn the limit over.
        $judged = AmmoniaJudgement::of(($freeMgL / $share) * (1 + 1e-12), 8.1, 25, 35, 27, 34);
        self::assertSame($severity, $judged->finding->severity);
    }

    #[Test]
    public function what_nobody_read_counts_at_its_worst_and_is_said(): void
    {
        $known = AmmoniaJudgement::of(0.3, 8.0, 25.0, 35.0, 26.5, 34.0);
        $unknown = AmmoniaJudgement::of(0.3, null, null, null, 26.5, 34.0);
        self::assertGreaterThan($known->freeMgL, $unknown->freeMgL);
        self::assertEqualsWithDelta(FreeAmmonia::mgL(0.3, 8.4, 26.5, 34.0), $unknown->freeMgL, 1e-12);
        self::assertSame(['pH', 'temperature', 'salinity'], $unknown->assumed);
        self::assertStringContainsString('not read within a day', $unknown->finding->why->in(Units::metric()));
    }

    #[Test]
    public function a_reading_taken_away_never_lowers_the_free_part(): void
    {
        foreach ([[7.9, 25.0, 35.0], [8.4, 26.5, 34.0], [8.2, 24.0, 36.0]] as [$ph, $temp, $salinity]) {
            $all = AmmoniaJudgement::of(0.5, $ph, $temp, $salinity, 26.5, 34.0)->freeMgL;
            self::assertGreaterThanOrEqual(
                $all,
                AmmoniaJudgement::of(0.5, null, $temp, $salinity, 26.5, 34.0)->freeMgL,
            );
            self::assertGreaterThanOrEqual($all, AmmoniaJudgement::of(0.5, $ph, null, $salinity, 26.5, 34.0)->freeMgL);
            self::assertGreaterThanOrEqual($all, AmmoniaJudgement::of(0.5, $ph, $temp, null, 26.5, 34.0)->freeMgL);
        }
    }
}
