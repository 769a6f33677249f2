<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Hydraulics;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Hydraulics\Crest;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Hydraulics\PumpCurve;
use Velbrin\Core\Hydraulics\ReturnFlow;
use Velbrin\Core\Hydraulics\ReturnLine;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\OutOfRange;

/** Pump curves by points, branched lines, weirs out of level and standpipes. */
final class ReturnLineTest extends TestCase
{
    #[Test]
    public function a_curve_read_off_a_parabola_gives_the_parabola_s_answer(): void
    {
        $parabola = PumpCurve::parabola(4.5, 6000);
        $points = array_map(fn (int $q): array => [(float) $q, $parabola->headM($q)], range(0, 6000, 100));
        $line = ReturnLine::of(Pipe::of(27, 3, 6));
        self::assertEqualsWithDelta(
            ReturnFlow::meet($parabola, 1.4, $line)->flowLh,
            ReturnFlow::meet(PumpCurve::through($points), 1.4, $line)->flowLh,
            3,
        );
        self::assertEqualsWithDelta(
            $parabola->speedFor(2500, 2.1),
            PumpCurve::through($points)->speedFor(2500, 2.1),
            0.002,
        );
        // By hand: halfway between 1000 L/h at 3 m and 3000 L/h at 1 m; past the last point as steep as before, to 4000 L/h.
        $three = PumpCurve::through([[3000, 1], [0, 3.5], [1000, 3]]);
        self::assertSame(
            [3.5, 2.0, 0.5, 4000.0],
            [$three->headM(0), $three->headM(2000), $three->headM(3500), $three->runOutLh()],
        );
    }

    #[Test]
    public function a_curve_whose_head_rises_is_refused(): void
    {
        foreach ([[[0, 3], [1000, 3.2]], [[0, 3]], [[500, 3], [500, 2]]] as $points) {
            try {
                PumpCurve::through($points);
                self::fail('must be refused');
            } catch (OutOfRange $e) {
                self::assertSame('curve', $e->field);
            }
        }
    }

    #[Test]
    public function outlets_share_one_head_and_their_flows_add_up(): void
    {
        $outlets = [Pipe::of(20, 1, 2), Pipe::of(20, 1, 2), Pipe::of(14, 2, 4)];
        $line = ReturnLine::of(Pipe::of(27, 2, 4), $outlets);
        $split = $line->split(3000);
        self::assertEqualsWithDelta(3000, array_sum($split), 1e-3);
        self::assertEqualsWithDelta($split[0], $split[1], 1e-6, 'alike, so the same');
        self::assertLessThan($split[0], $split[2], 'the narrow one brings less');
        foreach ($outlets as $i => $outlet) {
            self::assertEqualsWithDelta(
                $outlets[0]->lossM($outlets[0]->velocityMs($split[0])),
                $outlet->lossM($outlet->velocityMs($split[$i])),
                1e-6,
                'the same head drives each',
            );
        }
        // Two alike halve the flow in each: the whole loss is the common line's and one outlet's at half.
        $two = ReturnLine::of(Pipe::of(27, 2, 4), array_slice($outlets, 0, 2));
        self::assertEqualsWithDelta(
            Pipe::of(27, 2, 4)->lossM(Pipe::of(27, 2, 4)->velocityMs(2400)) +
                $outlets[0]->lossM($outlets[0]->velocityMs(1200)),
            $two->lossM(2400),
            1e-7,
        );
        // One more outlet never brings less, one narrower never more.
        $curve = PumpCurve::parabola(4, 6000);
        $flow = fn (array $o): float => ReturnFlow::meet($curve, 1.4, ReturnLine::of(Pipe::of(27, 2, 4), $o))->flowLh;
        self::assertGreaterThan($flow(array_slice($outlets, 0, 1)), $flow(array_slice($outlets, 0, 2)));
        self::assertLessThan($flow([$outlets[0], $outlets[1]]), $flow([$outlets[0], $outlets[2]]));
    }

    #[Test]
    public function what_is_drawn_off_is_missing_upstairs(): void
    {
        $curve = PumpCurve::parabola(4, 6000);
        $free = ReturnFlow::meet($curve, 1.4, ReturnLine::of(Pipe::of(27, 2, 5)));
        $drawn = ReturnFlow::meet($curve, 1.4, ReturnLine::of(Pipe::of(27, 2, 5), [], 800));
        self::assertLessThan($free->flowLh, $drawn->flowLh);
        self::assertGreaterThan($free->flowLh, $drawn->flowLh + 800, 'the pump brings more in all, at less head');
        self::assertEqualsWithDelta($curve->headM($drawn->flowLh + 800), $drawn->headM, 1e-9);
        self::assertSame(0.0, ReturnFlow::meet($curve, 1.4, ReturnLine::of(Pipe::of(27, 2, 5), [], 5900))->flowLh);
        $chart = PumpChart::of($curve, 1.4, ReturnLine::of(Pipe::of(27, 2, 5), [], 800), 2000);
        // At the speed it names, the planned flow and the draws come at the head the line asks: s²·H((q + d)/s) = h.
        self::assertEqualsWithDelta(
            $chart->plannedHeadM,
            $chart->speed ** 2 * $curve->headM(2800 / $chart->speed),
            1e-6,
        );
    }

    #[Test]
    public function a_weir_out_of_level_carries_its_flow_over_the_low_end(): void
    {
        foreach ([Crest::edge(400), Crest::edge(400, 260)] as $level) {
            $tilted = Crest::edge(400, $level->gapsMm, 15);
            $head = $tilted->headMm(2500);
            self::assertEqualsWithDelta(2500, $tilted->flowLh($head), 1e-3);
            self::assertSame(6.0, $tilted->fallMm);
            self::assertGreaterThan($level->headMm(2500), $head, 'deeper over the low end');
            self::assertLessThan($level->headMm(2500) + 6, $head);
            // Summed by hand in a thousand pieces, each level.
            $sum = 0.0;
            for ($i = 0; $i < 1000; $i++) {
                $h = max(0, $head - (6 * ($i + 0.5)) / 1000) / 1000;
                $sum += ($level->gapsMm === null ? 1.84 * 0.0004 : 1.75 * 0.00026) * $h ** 1.5;
            }
            $ends =
                $level->gapsMm === null ? 1.84 * 0.1 * (($head / 1000) ** 2.5 + (max(0, $head - 6) / 1000) ** 2.5) : 0;
            self::assertEqualsWithDelta(2500, 3.6e6 * ($sum - $ends), 0.5);
            self::assertEqualsWithDelta(
                $level->headMm(2500),
                Crest::edge(400, $level->gapsMm, 0.02)->headMm(2500),
                0.01,
                'hardly tilted is hardly different',
            );
        }
    }

    #[Test]
    public function a_standpipe_is_a_ring_of_weir_until_the_pipe_governs(): void
    {
        $pipe = Crest::standpipe(50);
        // By hand: Q = 1.84·π·0.05·0.008^1.5 m³/s.
        self::assertEqualsWithDelta(1.84 * M_PI * 0.05 * 0.008 ** 1.5 * 3.6e6, $pipe->flowLh(8), 1e-9);
        self::assertEqualsWithDelta(8, $pipe->headMm($pipe->flowLh(8)), 1e-9);
        self::assertEqualsWithDelta(DrainCapacity::levelOverOutletMm(3000, 50), $pipe->headMm(3000), 1e-9);
        $last = 0.0;
        foreach (range(100, 4000, 100) as $flow) {
            self::assertGreaterThan($last, $last = $pipe->headMm($flow));
            self::assertLessThanOrEqual($pipe->headMm($flow), Crest::standpipe(60)->headMm($flow));
        }
        self::assertEqualsWithDelta(WeirHead::plainEdge(2000, 300), Crest::edge(300)->headMm(2000), 1e-12);
    }
}
