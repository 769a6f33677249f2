<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What the chosen pump really brings through the line, against the planned flow (B-23). */
final class ReturnPump implements Topic
{
    /** Within this share the planned flow is met. */
    private const CLOSE = 0.02;

    private const EXIT_K = 1.0;

    public function keys(): array
    {
        return ['pumpLh', 'pumpSpeed'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $chart = self::chart($facts);
        $lines = self::lines($facts);
        $flow = Quantity::of($lines * $chart->meets->flowLh, Kind::Flow);
        $speed = Quantity::of(100 * $chart->speed, Kind::Percent);
        $parts = ['flow' => $flow, 'planned' => Quantity::of($lines * $chart->plannedLh, Kind::Flow), 'head' => Quantity::of($chart->meets->headM, Kind::Height), 'static' => Quantity::of($chart->staticM, Kind::Height), 'asked' => Quantity::of($chart->plannedHeadM, Kind::Height), 'speed' => $speed];
        $figures = [
            Figure::number('pumpLh', $flow, Sentence::of('at {head}, of which {static} are height', $parts), $facts->basis(),
                Working::of(Topic::LABELS['pumpLh'], 'n*Q*sqrt(1 - h/H)', [['n', 'Pumps', self::returns($facts) === 'one' ? 1 : 2, Kind::Count], $facts->row('Q', F::PumpMaxFlowLh), ['h', 'Head where the curves meet, found by trial', $chart->meets->headM, Kind::Height], $facts->row('H', F::PumpMaxHeadM)], $flow, 'B-23: H = Hmax·(1 − (Q/Qmax)²) against height, friction (Swamee–Jain) and fittings')),
            Figure::number('pumpSpeed', $speed, Sentence::of('gives the planned flow, where the speed can be set'), $facts->basis(),
                Working::of(Topic::LABELS['pumpSpeed'], '100*sqrt((h + H*(q/n/Q)**2)/H)', [['n', 'Pumps', self::returns($facts) === 'one' ? 1 : 2, Kind::Count], ['h', 'Head the line asks at the planned flow', $chart->plannedHeadM, Kind::Height], $facts->row('H', F::PumpMaxHeadM), $facts->row('q', F::FlowLh), $facts->row('Q', F::PumpMaxFlowLh)], $speed, 'B-23: affinity laws')),
        ];
        if ($chart->meets->flowLh <= 0) {
            return new TopicAnswer($figures, [Finding::of(Severity::Fix, 'B-23', 'return', Sentence::of('The pump cannot lift the water'), Sentence::of('{static} of height alone are more than it can.', $parts), Sentence::of('A pump with more head.'), $facts->basis(), 'pumpLh')]);
        }

        return new TopicAnswer($figures, [$chart->meets->flowLh < (1 - self::CLOSE) * $chart->plannedLh
            ? Finding::of(Severity::Fix, 'B-23', 'return', Sentence::of('The pump brings {flow} of the planned {planned}', $parts), Sentence::of('The planned flow asks for {asked} through this line.', $parts), Sentence::of('A wider line, fewer elbows, or a pump that gives {planned} at {asked}.', $parts), $facts->basis(), 'pumpLh')
            : Finding::of(Severity::Fine, 'B-23', 'return', Sentence::of('The pump brings {flow}, {planned} are planned', $parts), Sentence::of('At {speed} of its speed it gives the planned flow; else throttle at the valve after it.', $parts), null, $facts->basis(), 'pumpLh')]);
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    public static function chart(Facts $facts): PumpChart
    {
        $facts->need(F::PumpMaxHeadM, F::PumpMaxFlowLh, F::FlowLh, F::ReturnBoreMm, F::ReturnLengthM);

        // Into one line two pumps add their flows; with a line each, each carries half of what is planned.
        $into = self::returns($facts) === 'one-line' ? 2 : 1;

        return PumpChart::of(
            $facts->number(F::PumpMaxHeadM), $into * $facts->number(F::PumpMaxFlowLh), Levels::dropM($facts),
            Pipe::of($facts->number(F::ReturnBoreMm), $facts->number(F::ReturnLengthM), $facts->number(F::ReturnSumK) + self::EXIT_K), $facts->number(F::FlowLh) / self::lines($facts),
        );
    }

    /** Lines up to the display, alike. */
    public static function lines(Facts $facts): int
    {
        return self::returns($facts) === 'two-lines' ? 2 : 1;
    }

    /** One pump unless somebody says otherwise: the usual makes no answer an assumption. */
    public static function returns(Facts $facts): string
    {
        return $facts->brief->has(F::Returns) ? $facts->word(F::Returns) : 'one';
    }
}
