<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Hydraulics;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Hydraulics\Crest;
use Velbrin\Core\Hydraulics\DrainCapacity;
use Velbrin\Core\Hydraulics\DrainDown;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PowerCut;
use Velbrin\Core\Hydraulics\ReturnFlow;
use Velbrin\Core\Hydraulics\WeirHead;

final class HydraulicsTest extends TestCase
{
    #[Test]
    public function the_weir_carries_what_its_head_was_asked_for(): void
    {
        foreach ([500, 2000, 4000, 9000] as $flow) {
            self::assertEqualsWithDelta($flow, WeirHead::plainFlowLh(WeirHead::plainEdge($flow, 400), 400), 1e-6);
            self::assertEqualsWithDelta($flow, WeirHead::teethFlowLh(WeirHead::teeth($flow, 250), 250), 1e-6);
        }
        self::assertGreaterThan(WeirHead::plainEdge(3000, 400), WeirHead::plainEdge(4000, 400));
        self::assertLessThan(WeirHead::plainEdge(3000, 400), WeirHead::plainEdge(3000, 500));
    }

    #[Test]
    public function a_longer_or_narrower_pipe_never_carries_more(): void
    {
        $flow = DrainCapacity::siphon(Pipe::of(34, 1, 2), 0.7);
        self::assertGreaterThan($flow, DrainCapacity::siphon(Pipe::of(34, 1, 2), 0.8));
        self::assertLessThan($flow, DrainCapacity::siphon(Pipe::of(34, 2, 2), 0.7));
        self::assertLessThan($flow, DrainCapacity::siphon(Pipe::of(30, 1, 2), 0.7));
        self::assertLessThan($flow, DrainCapacity::siphon(Pipe::of(34, 1, 2 + DrainCapacity::HALF_BLOCKED_K), 0.7));
        self::assertLessThan(DrainCapacity::open(34), DrainCapacity::openHalfBlocked(34));
        self::assertGreaterThan(
            ReturnFlow::of(4, 6000, 1.5, Pipe::of(25, 4, 6))->flowLh,
            ReturnFlow::of(4, 6000, 1.5, Pipe::of(25, 2, 6))->flowLh,
        );
        self::assertSame(0.0, ReturnFlow::of(1.4, 6000, 1.5, Pipe::of(25, 4, 6))->flowLh);
    }

    #[Test]
    public function the_two_forms_of_the_outlet_meet_and_undo_each_other(): void
    {
        foreach ([400, 1500, 2600, 4000] as $flow) {
            self::assertEqualsWithDelta(
                $flow,
                DrainCapacity::inletFlowLh(DrainCapacity::levelOverOutletMm($flow, 40), 40),
                1e-6,
            );
        }
    }

    /**
     * @return iterable<string, array{0: float, 1: float, 2: float, 3: bool, 4: float, 5: float}> area, head, outlet depth,
     *     toothed, pipes, level
     */
    public static function cuts(): iterable
    {
        yield 'outlet under the edge' => [0.84, 16, 35, false, 6, 230];
        yield 'outlet above the water' => [0.84, 16, -40, false, 6, 230];
        yield 'outlet between edge and water' => [0.84, 16, -8, false, 6, 230];
        yield 'toothed' => [1.6, 22, 12, true, 9, 300];
        yield 'small display' => [0.12, 9, 60, false, 1, 180];
        yield 'too much for the sump' => [1.9, 18, 90, false, 12, 330];
    }

    #[Test]
    #[DataProvider('cuts')]
    public function a_power_cut_keeps_every_litre_and_ends_where_the_drain_down_says(
        float $area,
        float $head,
        float $outlet,
        bool $toothed,
        float $pipes,
        float $level,
    ): void {
        $chambers = [[0.08, min(395.0, $level + 40)], [0.16, $level + 15], [0.12, $level]];
        $frames = PowerCut::frames(
            displayAreaM2: $area,
            headMm: $head,
            crest: Crest::edge(300, $toothed ? 300 : null),
            outletDepthMm: $outlet,
            return: Pipe::of(27, 3, 5),
            dropM: 1.3,
            pipesL: $pipes,
            chambers: $chambers,
            rimMm: 400,
        );
        $sumpArea = 0.36;
        $spare = array_sum(array_map(fn (array $c): float => $c[0] * (400 - $c[1]), $chambers));
        $answer = DrainDown::of($area, $head, max(0, $outlet), $pipes, $sumpArea, 400, 400 - $spare / $sumpArea);
        $last = $frames[count($frames) - 1];

        self::assertGreaterThanOrEqual(12, count($frames));
        foreach ($frames as $i => $frame) {
            self::assertEqualsWithDelta($answer->downL, $frame->totalL(), 1e-9, "litres at {$frame->second} s");
            $inSump = 0.0;
            foreach ($chambers as $k => [$a, $at]) {
                $inSump += $a * ($frame->sumpLevelsMm[$k] - $at);
                self::assertLessThanOrEqual(400 + 1e-9, $frame->sumpLevelsMm[$k]);
            }
            self::assertEqualsWithDelta($frame->sumpL, $inSump, 1e-9, "levels agree with litres at {$frame->second} s");
            if ($i > 0) {
                self::assertGreaterThan($frames[$i - 1]->second, $frame->second);
                self::assertLessThanOrEqual($frames[$i - 1]->displayMm, $frame->displayMm);
            }
        }
        self::assertEqualsWithDelta($answer->downL - $answer->overflowL, $last->sumpL, 1e-9);
        self::assertEqualsWithDelta($answer->overflowL, $last->floorL, 1e-9);
        self::assertEqualsWithDelta(0, $last->displayL + $last->pipesL, 1e-9);
        // Backwards through 27 mm run some 1 500 L/h at least: whatever stands over the outlet is down within minutes.
        self::assertLessThan($outlet > 0 ? 60 + 3600 * $area * ($head + $outlet) / 1500 : INF, $last->second);
    }

    #[Test]
    public function the_weir_alone_runs_down_as_its_closed_form_says(): void
    {
        // A·dh/dt = −1.75·g·h^1.5 for teeth: t = 2A/(1.75·g)·(h₁^−½ − h₀^−½).
        $frames = PowerCut::frames(
            displayAreaM2: 0.84,
            headMm: 16,
            crest: Crest::edge(300, 300),
            outletDepthMm: -100,
            return: Pipe::of(27, 3, 5),
            dropM: 1.3,
            pipesL: 0,
            chambers: [[0.36, 200.0]],
            rimMm: 400,
        );
        $expected = ((2 * 0.84) / (1.75 * 0.3)) * (0.001 ** -0.5 - 0.016 ** -0.5);

        self::assertEqualsWithDelta($expected, $frames[count($frames) - 1]->second, 0.02 * $expected);
    }
}
