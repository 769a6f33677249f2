<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Tests\Share;
use Velbrin\Core\Water\AmmoniaAnswer;
use Velbrin\Core\Water\AmmoniaTable;

final class AmmoniaAnswerTest extends TestCase
{
    #[Test]
    public function three_milligrams_at_ph_8_08_stop_and_say_how_much_to_change(): void
    {
        $answer = AmmoniaAnswer::of(AmmoniaJudgement::of(3.0, 8.08, 25.0, 35.0, 27.0, 30.0), 600.0, 8.0, 8.0);
        self::assertSame(Severity::Stop, $answer->finding->severity);
        self::assertEqualsWithDelta(0.149, $answer->judged->freeMgL, 0.001);
        self::assertEqualsWithDelta(0.895, $answer->change?->fraction, 0.001);
        $remedy = str_replace("\u{a0}", ' ', (string) $answer->finding->remedy?->in(Units::metric()));
        self::assertStringContainsString('537 L', $remedy);
        self::assertStringContainsString('highest on the way', $remedy);
    }

    #[Test]
    public function one_that_asks_for_nothing_gets_no_change(): void
    {
        $answer = AmmoniaAnswer::of(AmmoniaJudgement::of(0.1, 8.0, 25.0, 35.0, 27.0, 30.0), 600.0, 8.0, 8.0);
        self::assertSame(Severity::Fine, $answer->finding->severity);
        self::assertNull($answer->change);
    }

    #[Test]
    public function alkalinity_nobody_read_counts_as_eight_in_either_water(): void
    {
        $judged = AmmoniaJudgement::of(2.0, 7.8, 25.0, 35.0, 27.0, 30.0);
        $after = fn (?float $tank, ?float $new): ?float => AmmoniaAnswer::of($judged, 600.0, $tank, $new)->change?->freeAfterMgL;
        self::assertSame($after(8.0, 9.0), $after(null, 9.0));
        self::assertSame($after(7.0, 8.0), $after(7.0, null));
        self::assertNotSame($after(9.0, 8.0), $after(8.0, 8.0), 'it matters');
    }

    #[Test]
    public function new_water_of_a_high_ph_raises_the_free_part_on_the_way_and_that_is_said(): void
    {
        $judged = AmmoniaJudgement::of(3.0, 7.6, 25.0, 35.0, 27.0, 30.0);
        $kind = AmmoniaAnswer::of($judged, 600.0, 5.0, 9.0, 8.5)->change;
        self::assertNotNull($kind);
        self::assertGreaterThan($judged->freeMgL, $kind->worstMgL);
    }

    #[Test]
    public function the_table_of_the_phone_is_never_kinder_than_the_sum(): void
    {
        $table = AmmoniaTable::of(34.0, 26.5, 8.0, 8.0);
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            [$total, $ph, $c, $s] = [
                mt_rand(1, 400) / 100,
                mt_rand(760, 870) / 100,
                mt_rand(180, 300) / 10,
                mt_rand(340, 370) / 10,
            ];
            $row = self::row($table, $ph, $c);
            $free = FreeAmmonia::mgL($total, $ph, $c, $s);
            self::assertTrue(
                $free < AmmoniaJudgement::STOP_MG_L || $total >= $row['stop'],
                "stop at {$total}, {$ph}, {$c}",
            );
            self::assertTrue(
                $free < AmmoniaJudgement::ACT_MG_L || $total >= $row['act'],
                "act at {$total}, {$ph}, {$c}",
            );
        }
    }

    #[Test]
    public function a_share_from_the_table_is_enough_for_every_total_it_names_and_a_larger_total_needs_no_less(): void
    {
        $table = AmmoniaTable::of(35.0, 25.0, 8.0, 8.0);
        foreach ($table->changes as $n => $row) {
            if ($n % Share::of(1, 3) !== 0) {
                continue;
            }
            $exact = AmmoniaAnswer::of(
                AmmoniaJudgement::of($row['most'] * 0.9999, $row['ph'], 25.0, 35.0, 25.0, 35.0),
                null,
                8.0,
                8.0,
            )->change;
            self::assertTrue(
                $exact === null || ($exact->fraction !== null && $exact->fraction <= $row['share'] + 1e-9),
                "pH {$row['ph']}, {$row['share']}",
            );
            self::assertGreaterThanOrEqual(1.0, $row['peak']);
        }
    }

    #[Test]
    public function a_ph_outside_what_sea_water_holds_is_answered_at_its_edge(): void
    {
        self::assertSame(
            Severity::Stop,
            AmmoniaAnswer::of(AmmoniaJudgement::of(1.0, 10.0, 25.0, 35.0, 27.0, 30.0), 600.0, 8.0, 8.0)->finding
                ->severity,
        );
        self::assertSame(
            Severity::Fine,
            AmmoniaAnswer::of(AmmoniaJudgement::of(1.0, 6.0, 25.0, 35.0, 27.0, 30.0), 600.0, 8.0, 8.0)->finding
                ->severity,
        );
    }

    /** @return array{ph: float, tempC: float, act: float, stop: float} as the phone finds it: the next step up */
    private static function row(AmmoniaTable $table, float $ph, float $c): array
    {
        foreach ($table->limits as $row) {
            if ($row['ph'] >= $ph && $row['tempC'] >= $c) {
                return $row;
            }
        }
        self::fail('beyond the table');
    }
}
