<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\Mover;
use Velbrin\Core\Moves\Course\Drop;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Mend;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Day\Gate;
use Velbrin\Core\Moves\Day\MoveDay;
use Velbrin\Core\Moves\Day\OtherClocks;

/** The course of the day: steps by whoever does them, ends, clocks and gates, in minutes from the beginning. */
final readonly class MoveCourseView
{
    /** A pace nearer to the house value is not spoken of. */
    private const WORTH_SAYING = 0.05;

    /**
     * @param  list<MoveStepView>  $steps
     * @param  list<array{label: string, atMin: int, slackMin: int, reserveMin: float}>  $ends
     * @param  list<MoveClockView>  $clocks
     * @param  list<array{key: string, atMin: float}>  $gates  before the step each stands at
     * @param  list<MoveDropView>  $drops
     * @param  list<MoveMendView>  $mends  beside what may be left
     * @param  list<string>  $spares  who comes when called
     * @param  list<array{label: string, percent: float}>  $learned  of house values, from the last moves
     */
    private function __construct(
        public array $steps,
        public array $ends,
        public array $clocks,
        public array $gates,
        public array $drops,
        public array $mends,
        public array $spares,
        public float $nowMin,
        public float $factor,
        public float $finishMin,
        public bool $isProven,
        public array $learned,
    ) {
    }

    public static function of(MoveBrief $brief, Work $work, MoveDay $day): self
    {
        $names = [];
        foreach ($brief->people as $mover) {
            $names["m:{$mover->id}"] = $mover->label;
        }
        $steps = self::done($work, $day);
        foreach ($day->rest?->plan->starts ?? [] as $id => $start) {
            $step = $day->open->steps[$id] ?? null;
            if ($step === null || $id === 'now') {
                continue;
            }
            $steps[] = new MoveStepView(
                id: $id,
                label: $step->label,
                fromMin: $day->running[$id] ?? (float) $start,
                untilMin: (float) ($start + $step->minutes),
                hands: array_map(fn (string $h): string => $names[$h] ?? $h, $day->rest->plan->hands[$id] ?? []),
                state: isset($day->running[$id]) ? 'running' : 'open',
                mayDrop: $step->dropCost !== null,
                becomes: $step->becomes,
                isRest: $step->isRest,
            );
        }
        usort(
            $steps,
            fn (MoveStepView $a, MoveStepView $b): int => [$a->fromMin, $a->untilMin] <=> [$b->fromMin, $b->untilMin],
        );
        $starts = array_column($steps, 'fromMin', 'id');

        return new self(
            steps: $steps,
            ends: array_map(fn (End $e): array => [
                'label' => $e->label,
                'atMin' => $e->atMin,
                'slackMin' => $day->rest->slack[$e->step] ?? (int) ($e->atMin - ($day->done[$e->step]['untilMin'] ?? $e->atMin)),
                'reserveMin' => $day->rest->reserve[$e->step] ?? 0.0,
            ], $work->ends),
            clocks: [...self::clocks($work, $day), ...self::others($brief, $work, $day)],
            gates: array_values(array_filter(array_map(
                fn (string $key, string $step): ?array => isset($starts[$step]) ? ['key' => $key, 'atMin' => $starts[$step]] : null,
                array_keys(Gate::BEFORE),
                array_values(Gate::BEFORE),
            ))),
            drops: array_map(fn (Drop $d): MoveDropView => new MoveDropView(
                steps: $d->steps,
                labels: array_map(fn (string $id): string => $work->steps[$id]->label, $d->steps),
                becomes: array_values(array_filter($d->becomes)),
                finishMin: $d->timetable->finishMin,
                holds: $d->timetable->pastMin === 0,
            ), $day->drops),
            mends: $day->open === null || $day->rest === null ? [] : array_map(
                MoveMendView::of(...),
                Mend::offers($day->open, $day->rest, (int) ceil($day->nowMin)),
            ),
            spares: array_map(fn (Mover $m): string => $m->label, $brief->spares),
            nowMin: $day->nowMin,
            factor: $day->factor,
            finishMin: $day->rest->finishMin ?? max([0.0, ...array_column($day->done, 'untilMin')]),
            isProven: $day->rest->isProven ?? true,
            learned: self::learned($brief, $work),
        );
    }

    /** @return list<array{label: string, percent: float}> */
    private static function learned(MoveBrief $brief, Work $work): array
    {
        $learned = [];
        foreach ($brief->paces as $step => $pace) {
            if (isset($work->steps[$step]) && abs($pace - 1) > self::WORTH_SAYING) {
                $learned[] = ['label' => $work->steps[$step]->label, 'percent' => 100 * $pace];
            }
        }

        return $learned;
    }

    /** @return list<MoveStepView> */
    private static function done(Work $work, MoveDay $day): array
    {
        $steps = [];
        foreach ($day->done as $id => $span) {
            $steps[] = new MoveStepView(
                id: $id,
                label: $work->steps[$id]->label,
                fromMin: $span['fromMin'],
                untilMin: $span['untilMin'],
                hands: [],
                state: 'done',
                mayDrop: false,
                becomes: '',
                isRest: $work->steps[$id]->isRest,
            );
        }

        return $steps;
    }

    /** @return list<MoveClockView> beside those of the boxes */
    private static function others(MoveBrief $brief, Work $work, MoveDay $day): array
    {
        $span = function (string $id) use ($work, $day): ?array {
            $was = $day->done[$id] ?? null;
            $from = $day->running[$id] ?? $day->rest?->plan->starts[$id] ?? null;

            return match (true) {
                $was !== null => [$was['fromMin'], $was['untilMin']],
                $from === null => null,
                default => [(float) $from, (float) $from + ($day->open->steps[$id]->minutes ?? $work->steps[$id]->minutes ?? 0)],
            };
        };

        return array_map(fn (array $c): MoveClockView => new MoveClockView(
            label: $c['kind'] === OtherClocks::ROCK ? 'damp rock' : 'glue at the pipes',
            fromMin: $c['fromMin'],
            untilMin: $c['untilMin'],
            lastsMin: $c['lastsMin'],
            kind: $c['kind'],
        ), OtherClocks::of($brief, $span));
    }

    /** @return list<MoveClockView> from the first animal in, as planned or as it was */
    private static function clocks(Work $work, MoveDay $day): array
    {
        $clocks = [];
        foreach ($work->clocks as $clock) {
            $from = $day->inSince($clock) ?? $day->rest?->plan->starts[$clock->from] ?? null;
            $until = $day->outMin($clock);
            $planned = $day->rest?->plan->starts[$clock->until] ?? null;
            $until ??= $planned === null ? null : $planned + ($day->open->steps[$clock->until]->minutes ?? 0);
            if ($from !== null && $until !== null) {
                $clocks[] = new MoveClockView($clock->label, (float) $from, (float) $until, $from + $clock->minutes);
            }
        }

        return $clocks;
    }
}
