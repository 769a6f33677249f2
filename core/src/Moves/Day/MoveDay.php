<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Moves\Course\Clock;
use Velbrin\Core\Moves\Course\Drop;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;

/**
 * How a move stands at a moment, and how it goes on from there: what is done, what runs, what was left, and a new course for the rest by
 * how long things take today.
 */
final readonly class MoveDay
{
    /** How much faster or slower today may be taken to be than planned. */
    private const SLOWEST = 2.0;

    private const FASTEST = 0.5;

    /** The last stages that today is judged by. */
    private const JUDGED_BY = 5;

    /** However far a stage is, it takes so much of its plan still. */
    private const AT_LEAST = 0.25;

    private const NOW = 'now';

    /**
     * @param  array<string, array{fromMin: float, untilMin: float}>  $done
     * @param  array<string, float>  $running  since when
     * @param  list<string>  $dropped
     * @param  array<string, float>  $readings  the last of each box, °C
     * @param  array<string, string>  $gates  what was decided
     * @param  list<Drop>  $drops  what may be left so that ends hold
     */
    private function __construct(
        public float $nowMin,
        public array $done,
        public array $running,
        public array $dropped,
        public array $readings,
        public array $gates,
        public float $factor,
        public ?Timetable $rest,
        public ?Work $open,
        public array $drops,
        private BoxTimes $boxes,
    ) {
    }

    /** When the animals of a box went into it; null: they have not yet. */
    public function inSince(Clock $clock): ?float
    {
        $span = $this->done[$clock->from] ?? null;

        return $this->boxes->since($clock, $span['fromMin'] ?? $this->running[$clock->from] ?? null, $span['untilMin'] ?? null);
    }

    /** When the last of a box came out of it; null: they have not yet. */
    public function outMin(Clock $clock): ?float
    {
        return $this->boxes->outMin($clock) ?? $this->done[$clock->until]['untilMin'] ?? null;
    }

    /**
     * @param  list<Event>  $events  in any order; said twice, the first counts
     * @param  list<string>|null  $standing  order of the plan that stands
     */
    public static function of(Work $work, array $events, float $nowMin, ?array $standing = null): self
    {
        usort($events, fn (Event $a, Event $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);
        $began = $done = $readings = $gates = $longer = [];
        $dropped = [];
        foreach ($events as $event) {
            $of = $event->of ?? '';
            $isStep = isset($work->steps[$of]);
            match ($event->kind) {
                EventKind::Began => $isStep ? $began[$of] ??= $event->atMin : null,
                EventKind::Done => $isStep ? $done[$of] ??= $event->atMin : null,
                EventKind::Drop => $isStep && $work->steps[$of]->dropCost !== null ? $dropped[$of] = $of : null,
                EventKind::Reading => $event->value === null ? null : $readings[$of] = $event->value,
                EventKind::Gate => $gates[$of] = (string) $event->words,
                EventKind::Longer => $isStep && $event->value !== null ? $longer[$of] = $event->atMin + $event->value : null,
                // Heads are counted by `HeadCount`.
                default => null,
            };
        }
        $spans = self::spans($work, $began, $done);
        $dropped = array_values(array_diff($dropped, array_keys($spans)));
        $running = array_diff_key($began, $spans, array_flip($dropped));
        $factor = self::factor($work, $spans);
        $remaining = self::remaining($work, $running, $longer, $factor, $nowMin);
        $boxes = BoxTimes::of($events);
        $open = self::open($work, $spans, $dropped, $remaining, self::clocks($work, $boxes, $spans, $running, $nowMin), $factor, $nowMin);
        $rest = $open === null ? null : Timetable::of($open, $standing, isQuick: $standing !== null);

        return new self(
            nowMin: $nowMin,
            done: $spans,
            running: $running,
            dropped: $dropped,
            readings: $readings,
            gates: $gates,
            factor: $factor,
            rest: $rest,
            open: $open,
            drops: $open === null || $rest === null ? [] : Drop::offers($open, $rest),
            boxes: $boxes,
        );
    }

    /**
     * What is done, from when to when; nobody said it had begun: as long as planned.
     *
     * @param  array<string, float>  $began
     * @param  array<string, float>  $done
     * @return array<string, array{fromMin: float, untilMin: float}>
     */
    private static function spans(Work $work, array $began, array $done): array
    {
        $spans = [];
        foreach ($done as $id => $until) {
            $spans[$id] = ['fromMin' => min($until, $began[$id] ?? $until - $work->steps[$id]->minutes), 'untilMin' => $until];
        }

        return $spans;
    }

    /**
     * Today’s pace: the middle of what the last stages took against their plan.
     *
     * @param  array<string, array{fromMin: float, untilMin: float}>  $spans
     */
    private static function factor(Work $work, array $spans): float
    {
        $paces = [];
        uasort($spans, fn (array $a, array $b): int => $b['untilMin'] <=> $a['untilMin']);
        $spans = array_filter($spans, fn (string $id): bool => ! $work->steps[$id]->isRest, ARRAY_FILTER_USE_KEY);
        foreach (array_slice($spans, 0, self::JUDGED_BY, true) as $id => $span) {
            if ($work->steps[$id]->minutes > 0) {
                $paces[] = ($span['untilMin'] - $span['fromMin']) / $work->steps[$id]->minutes;
            }
        }
        if ($paces === []) {
            return 1.0;
        }
        sort($paces);
        $middle = intdiv(count($paces), 2);
        $median = count($paces) % 2 === 1 ? $paces[$middle] : ($paces[$middle - 1] + $paces[$middle]) / 2;

        return min(self::SLOWEST, max(self::FASTEST, $median));
    }

    /**
     * What runs still takes: what is left of it at today’s pace, a quarter of its plan, or what somebody has said.
     *
     * @param  array<string, float>  $running
     * @param  array<string, float>  $longer  until when, by their word
     * @return array<string, float>
     */
    private static function remaining(Work $work, array $running, array $longer, float $factor, float $nowMin): array
    {
        $remaining = [];
        foreach ($running as $id => $since) {
            $planned = $work->steps[$id]->minutes;
            $remaining[$id] = max(
                $planned * ($work->steps[$id]->isRest ? 1.0 : $factor) - ($nowMin - $since),
                self::AT_LEAST * $planned,
                ($longer[$id] ?? $nowMin) - $nowMin,
            );
        }

        return $remaining;
    }

    /**
     * The work that is left; null: nothing is.
     *
     * @param  array<string, array{fromMin: float, untilMin: float}>  $spans  of what is done
     * @param  list<string>  $dropped
     * @param  array<string, float>  $remaining  of what runs
     * @param  list<Clock>  $clocks  that run, or will
     */
    private static function open(
        Work $work,
        array $spans,
        array $dropped,
        array $remaining,
        array $clocks,
        float $factor,
        float $nowMin,
    ): ?Work {
        $gone = [...array_keys($spans), ...$dropped];
        $now = (int) ceil($nowMin);
        $left = $work->without($gone);
        if ($left->steps === []) {
            return null;
        }
        $steps = [new Step(self::NOW, 0, 0, fromMin: $now, label: 'now')];
        foreach ($left->steps as $id => $step) {
            $isRunning = isset($remaining[$id]);
            $steps[] = new Step(
                id: $id,
                minutes: (int) ceil($isRunning ? $remaining[$id] : $step->minutes * ($step->isRest ? 1.0 : $factor)),
                persons: $step->persons,
                skills: $step->skills,
                uses: $step->uses,
                needs: $isRunning ? [] : $step->needs,
                fromMin: $isRunning ? $now : max($now, $step->fromMin ?? 0),
                toMin: $step->toMin,
                label: $step->label,
                dropCost: $isRunning ? null : $step->dropCost,
                becomes: $step->becomes,
                isForAll: $step->isForAll,
                isRest: $step->isRest,
            );
        }
        $known = fn (Clock $c): bool => isset($left->steps[$c->until]) && ($c->from === self::NOW || isset($left->steps[$c->from]));

        return new Work($steps, $work->hands, $work->uses, $left->ends, array_values(array_filter($clocks, $known)));
    }

    /**
     * What is left of each clock whose animals are in their box, and all of the others; of a box counted empty nothing runs any more.
     *
     * @param  array<string, array{fromMin: float, untilMin: float}>  $spans
     * @param  array<string, float>  $running
     * @return list<Clock>
     */
    private static function clocks(Work $work, BoxTimes $boxes, array $spans, array $running, float $nowMin): array
    {
        $clocks = [];
        foreach ($work->clocks as $clock) {
            if ($boxes->outMin($clock) !== null) {
                continue;
            }
            $span = $spans[$clock->from] ?? null;
            $since = $boxes->since($clock, $span['fromMin'] ?? $running[$clock->from] ?? null, $span['untilMin'] ?? null);
            $clocks[] = $since === null ? $clock : new Clock(
                label: $clock->label,
                from: self::NOW,
                until: $clock->until,
                minutes: (int) floor($clock->minutes - ($nowMin - $since)),
                box: $clock->box,
            );
        }

        return $clocks;
    }
}
