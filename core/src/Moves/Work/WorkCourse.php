<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Moves\Phrase;

/** A work as it stands: folded from what was said of its steps and from what the record says. */
final readonly class WorkCourse
{
    private const H_S = 3600.0;

    /** @param  non-empty-list<StepState>  $states  in the order of the steps */
    private function __construct(public WorkPlan $plan, public array $states)
    {
    }

    /** @param  list<Mark>  $marks  in the order they were said */
    public static function of(WorkPlan $plan, array $marks, OnRecord $record): self
    {
        $by = [];
        foreach ($marks as $mark) {
            $by[$mark->todo->value][] = $mark;
        }
        $doneS = [];
        foreach ($plan->steps as $step) {
            $isEarly = array_filter($step->after, fn (Todo $t): bool => ($doneS[$t->value] ?? null) === null) !== [];
            // Nothing waits to be confirmed before anything was changed: that is no proof.
            $doneS[$step->todo->value] = $step->proof === Proof::Ripples && $isEarly
                ? null
                : self::doneS($step, $by[$step->todo->value] ?? [], $record);
        }

        return new self($plan, array_map(
            fn (Step $step): StepState => self::state($step, $by[$step->todo->value] ?? [], $doneS),
            $plan->steps,
        ));
    }

    /** @param  list<Mark>  $marks  of this step */
    private static function doneS(Step $step, array $marks, OnRecord $record): ?float
    {
        if ($step->proof->isOnRecord()) {
            return $record->at($step->proof);
        }
        $last = $marks === [] ? null : $marks[count($marks) - 1];

        return match (true) {
            $last === null => null,
            $step->proof === Proof::Count => self::counted($marks) >= ($step->wanted ?? INF) - 1e-9 ? $last->atS : null,
            default => self::does($step, $last) ? $last->atS : null,
        };
    }

    /**
     * @param  list<Mark>  $marks  of this step
     * @param  array<string, float|null>  $doneS
     */
    private static function state(Step $step, array $marks, array $doneS): StepState
    {
        $missing = array_values(array_filter($step->after, fn (Todo $t): bool => ($doneS[$t->value] ?? null) === null));
        $befores = array_map(fn (Todo $t): float => $doneS[$t->value] ?? 0.0, $step->after);
        $last = $marks === [] ? null : $marks[count($marks) - 1];

        return new StepState(
            step: $step,
            doneS: $doneS[$step->todo->value] ?? null,
            missing: $missing,
            fromS: $missing === [] && $befores !== [] && $step->holdH > 0 ? max($befores) + $step->holdH * self::H_S : null,
            counted: $step->proof === Proof::Count ? self::counted($marks) : 0.0,
            isRefused: $last !== null && $step->proof !== Proof::Count && ! self::does($step, $last),
        );
    }

    /** @param  list<Mark>  $marks */
    private static function counted(array $marks): float
    {
        return array_sum(array_map(fn (Mark $m): float => $m->value ?? 0.0, $marks));
    }

    /** What was found does. */
    private static function does(Step $step, Mark $mark): bool
    {
        return match ($step->proof) {
            Proof::YesNo => $mark->answer === true,
            Proof::Verdict => $mark->answer === true && $mark->hasPhoto,
            Proof::Photo => $mark->hasPhoto,
            Proof::Number => $mark->value !== null && $step->allows($mark->value),
            default => true,
        };
    }

    public function stateOf(Todo $todo): ?StepState
    {
        foreach ($this->states as $state) {
            if ($state->step->todo === $todo) {
                return $state;
            }
        }

        return null;
    }

    /** The first that may be done now; of those that only wait, the one that waits least; null: all is done. */
    public function next(float $nowS): ?StepState
    {
        $open = array_values(array_filter($this->states, fn (StepState $s): bool => $s->doneS === null));
        $now = array_values(array_filter($open, fn (StepState $s): bool => $s->isOpen($nowS)));
        $later = array_values(array_filter($open, fn (StepState $s): bool => $s->missing === []));
        usort($later, fn (StepState $a, StepState $b): int => ($a->fromS ?? 0.0) <=> ($b->fromS ?? 0.0));

        return $now[0] ?? $later[0] ?? $open[0] ?? null;
    }

    public function isComplete(): bool
    {
        return $this->done() === count($this->states);
    }

    public function done(): int
    {
        return count(array_filter($this->states, fn (StepState $s): bool => $s->doneS !== null));
    }

    /**
     * What may be said of a step now. A number beyond its limits and a no are kept, since they were found; they do not open what comes
     * after.
     *
     * @throws OutOfRange where it may not be said: out of turn, too early, without what shows it
     */
    public function accept(Mark $mark): void
    {
        $state = $this->stateOf($mark->todo);
        if ($state === null) {
            throw OutOfRange::field('step', Phrase::StepIsNotPartOfThisWork, Phrase::PartOfIt, ['step' => $mark->todo->value]);
        }
        if ($state->step->proof->isOnRecord()) {
            throw OutOfRange::field('step', Phrase::TheRecordSaysThis, Phrase::PartOfIt);
        }
        if ($state->missing !== []) {
            throw OutOfRange::field('step', Phrase::NotYet, Phrase::FirstComes, ['step' => $state->missing[0]->says()]);
        }
        if ($state->fromS !== null && $mark->atS < $state->fromS - 1e-6) {
            $hold = Quantity::of($state->step->holdH, Kind::Hours);
            throw OutOfRange::field('step', Phrase::NotYet, Phrase::NotBeforeHold, ['hold' => $hold]);
        }
        $wants = $this->wants($state->step, $mark);
        if ($wants !== null) {
            throw OutOfRange::field($wants[0], Phrase::ItIsNotShown, $wants[1]);
        }
    }

    /** @return array{0: string, 1: Phrase}|null what shows it and is missing, by the field it belongs into */
    private function wants(Step $step, Mark $mark): ?array
    {
        $isWhole = $mark->value !== null && $mark->value >= 1 && floor($mark->value) === $mark->value;

        return match (true) {
            $step->proof === Proof::Count && ! $isWhole => ['value', Phrase::WholeNumberFromOne],
            $step->proof === Proof::Number && $mark->value === null => ['value', Phrase::ANumberIsMissing],
            $step->proof->wantsAnswer() && $mark->answer === null => ['answer', Phrase::YesOrNoWanted],
            $step->proof->wantsPhoto() && ! $mark->hasPhoto => ['photo', Phrase::APhotoIsMissing],
            default => null,
        };
    }
}
