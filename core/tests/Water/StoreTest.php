<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Water;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\Ledger;
use Velbrin\Core\Water\MixedStock;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Promise;
use Velbrin\Core\Water\Readiness;

/** One litre is promised once, and only what is measured as it should be counts (W-66, X-15). */
final class StoreTest extends TestCase
{
    #[Test]
    public function of_600_ready_300_and_300_and_99_promised_99_are_uncovered(): void
    {
        $ledger = Ledger::of(
            [new MixedStock('reef', 35, 600, 0, 100)],
            [
                new Promise('Emergency share', 300),
                new Promise('Thursday', 300, atH: 40),
                new Promise('Quarantine', 99, atH: 50),
            ],
        );
        self::assertSame(['Quarantine' => 99.0], $ledger->lacksL);
        self::assertSame([], $ledger->left);
        $ledger = Ledger::of(
            [new MixedStock('reef', 35, 699, 0, 100)],
            [
                new Promise('Emergency share', 300),
                new Promise('Thursday', 300, atH: 40),
                new Promise('Quarantine', 99, atH: 50),
            ],
        );
        self::assertSame([], $ledger->lacksL);
    }

    #[Test]
    public function a_batch_that_ages_out_before_a_promise_is_not_counted_for_it(): void
    {
        $stock = [new MixedStock('reef', 35, 200, 0, 24)];
        self::assertSame(['Friday' => 150.0], Ledger::of($stock, [new Promise('Friday', 150, atH: 24)])->lacksL);
        self::assertSame([], Ledger::of($stock, [new Promise('Friday', 150, atH: 23.9)])->lacksL);
        self::assertSame(
            ['Now' => 150.0],
            Ledger::of([new MixedStock('reef', 35, 200, 2, 24)], [new Promise('Now', 150, atH: 1)])->lacksL,
            'nor one that still mixes',
        );
    }

    #[Test]
    public function water_mixed_for_another_salinity_is_other_water(): void
    {
        $lacks = fn (float $salinity, string $mix = 'reef'): array => Ledger::of(
            [new MixedStock('reef', 35, 200, 0, 24)],
            [new Promise('Today', 150, $mix, $salinity, atH: 2)],
        )->lacksL;
        self::assertSame([[], []], [$lacks(34.71), $lacks(35.29)]);
        self::assertSame([['Today' => 150.0], ['Today' => 150.0]], [$lacks(34.69), $lacks(35.31)]);
        self::assertSame(['Today' => 150.0], $lacks(35, 'fish'));
        $stock = new MixedStock('reef', 35, 200, 0, 24);
        $serves = fn (float $salinity): bool => $stock->serves(new Need('a', 'a', 150, 'reef', $salinity, 2), 1);
        self::assertSame([false, true, true, false], array_map($serves, [34.69, 34.71, 35.29, 35.31]));
    }

    #[Test]
    public function the_emergency_keeps_what_lasts_and_a_change_takes_what_runs_out_first(): void
    {
        $stock = [new MixedStock('reef', 35, 100, 0, 300), new MixedStock('reef', 35, 100, 0, 30)];
        $ledger = Ledger::of($stock, [new Promise('Emergency share', 100), new Promise('Today', 100, 'reef', 35, 10)]);
        self::assertSame([], $ledger->lacksL);
        $ledger = Ledger::of($stock, [new Promise('Today', 100, 'reef', 35, 10)]);
        self::assertSame([300.0], array_map(fn (MixedStock $s): float => $s->untilH, $ledger->left));
    }

    #[Test]
    public function the_sum_of_promises_kept_never_exceeds_the_litres(): void
    {
        mt_srand(11);
        for ($n = 0; $n < 300; $n++) {
            $stock = $promises = [];
            for ($i = 0, $lots = mt_rand(0, 5); $i < $lots; $i++) {
                $stock[] = new MixedStock(
                    mt_rand(0, 1) === 0 ? 'reef' : 'fish',
                    mt_rand(33, 36),
                    mt_rand(0, 400),
                    mt_rand(-5, 10),
                    mt_rand(1, 90),
                );
            }
            for ($i = 0, $count = mt_rand(1, 6); $i < $count; $i++) {
                $promises[] = new Promise(
                    "p{$i}",
                    mt_rand(0, 500),
                    mt_rand(0, 2) === 0 ? 'reef' : null,
                    null,
                    mt_rand(0, 2) === 0 ? null : mt_rand(0, 80),
                );
            }
            $ledger = Ledger::of($stock, $promises);
            $stood = array_sum(array_map(fn (MixedStock $s): float => $s->litres, $stock));
            $left = array_sum(array_map(fn (MixedStock $s): float => $s->litres, $ledger->left));
            self::assertEqualsWithDelta(
                $stood,
                array_sum($ledger->coveredL) + $left,
                1e-6,
                'no litre twice, none lost',
            );
            foreach ($promises as $p) {
                self::assertEqualsWithDelta(
                    $p->litres,
                    $ledger->coveredL[$p->label] + ($ledger->lacksL[$p->label] ?? 0.0),
                    1e-6,
                );
            }
        }
    }

    #[Test]
    public function water_of_41_at_6_degrees_is_not_ready_and_says_why_and_when(): void
    {
        $readiness = Readiness::of(
            litres: 200,
            salinity: 35,
            targetC: 25,
            fromH: -2,
            untilH: 100,
            measuredSalinity: 41,
            measuredC: 6,
            heatW: 1000,
        );
        self::assertFalse($readiness->isReady());
        self::assertSame(['water', 'cold'], array_keys($readiness->missing));
        self::assertEqualsWithDelta((200 * 1.0233 * 3990 * 19) / (3600 * 0.9 * 1000), $readiness->readyInH, 1e-6);
    }

    #[Test]
    public function what_it_lacks_is_weighed_out_and_what_it_has_too_much_of_is_thinned(): void
    {
        $says = fn (float $measured, string $code): string => Readiness::of(500, 35, 25, -1, 50, $measured, 25)
            ->missing[$code]->in(Units::metric());
        self::assertMatchesRegularExpression('/ 1\.1.kg/u', $says(33, 'salt'), '2 g/kg of 500 L, a tenth more for the water in the mix');
        self::assertMatchesRegularExpression('/ 30.L/u', $says(37.1, 'water'), '500 L × (37.1 ÷ 35 − 1)');
    }

    #[Test]
    public function ready_is_within_one_of_each_and_in_date(): void
    {
        $codes = fn (?float $s, ?float $c, float $from = -1, float $until = 50): array => array_keys(
            Readiness::of(200, 35, 25, $from, $until, $s, $c)->missing,
        );
        self::assertSame([], $codes(36.0, 26.0));
        self::assertSame([], $codes(34.0, 24.0));
        self::assertSame(['water'], $codes(36.1, 25));
        self::assertSame(['salt'], $codes(33.9, 25));
        self::assertSame(['cold'], $codes(35, 23.9));
        self::assertSame(['warm'], $codes(35, 26.1));
        self::assertSame(['measure'], $codes(35, null));
        self::assertSame(['measure'], $codes(null, 25));
        self::assertSame(['mixing'], $codes(35, 25, 0.5));
        self::assertSame(['old'], $codes(35, 25, -9, 0));
        self::assertNull(Readiness::of(
            litres: 2000,
            salinity: 35,
            targetC: 25,
            fromH: -1,
            untilH: 3,
            measuredSalinity: 35,
            measuredC: 6,
            heatW: 300,
        )->readyInH, 'it ages out before it is warm');
    }
}
