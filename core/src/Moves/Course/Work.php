<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Phrase;

/** All steps of a move with the hands and things there are for them, and what has to hold. */
final readonly class Work
{
    private const MOST_STEPS = 300;

    /** @var array<string, Step> in an order in which each stands after what it needs */
    public array $steps;

    /** @var array<string, list<Need>> who waits for a step: named by who waits */
    public array $followers;

    /**
     * @param  list<Step>  $steps
     * @param  non-empty-list<Hand>  $hands
     * @param  array<string, int>  $uses  how many there are of each
     * @param  list<End>  $ends
     * @param  list<Clock>  $clocks
     *
     * @throws OutOfRange for a name given twice, one that is not there, a circle, and a step nobody can ever do
     */
    public function __construct(array $steps, public array $hands, public array $uses, public array $ends, public array $clocks = [])
    {
        if (count($steps) > self::MOST_STEPS) {
            throw OutOfRange::field(
                'tasks',
                Phrase::TooManySteps,
                Phrase::AtMost,
                ['mostSteps' => (string) self::MOST_STEPS],
            );
        }
        $byId = [];
        foreach ($steps as $step) {
            if (isset($byId[$step->id])) {
                throw OutOfRange::field(
                    'tasks',
                    Phrase::IsThereTwice,
                    Phrase::EachNameOnce,
                    ['id' => $step->id],
                );
            }
            $byId[$step->id] = $step;
        }
        $ordered = [];
        foreach ($byId as $step) {
            self::order($step, $byId, $ordered, []);
            $this->canBeDone($step);
        }
        foreach ($ends as $end) {
            isset($byId[$end->step]) || throw self::unknown('ends', $end->step);
        }
        foreach ($clocks as $clock) {
            isset($byId[$clock->from], $byId[$clock->until]) || throw self::unknown('clocks', "{$clock->from}, {$clock->until}");
        }
        $this->steps = $ordered;
        $this->followers = self::followersOf($ordered);
    }

    /**
     * @param  array<string, Step>  $steps
     * @return array<string, list<Need>>
     */
    private static function followersOf(array $steps): array
    {
        $followers = array_fill_keys(array_keys($steps), []);
        foreach ($steps as $id => $step) {
            foreach ($step->needs as $need) {
                $followers[$need->id][] = new Need($id, $need->lagMin, $need->maxLagMin);
            }
        }

        return $followers;
    }

    /** @throws OutOfRange */
    private function canBeDone(Step $step): void
    {
        if ($step->persons > count($this->hands)) {
            throw OutOfRange::field(
                'tasks',
                Phrase::WantsPeopleThereAre,
                Phrase::NoMore,
                [
                    'id' => (string) $step->id,
                    'persons' => (string) $step->persons,
                    'count' => (string) count($this->hands),
                ],
            );
        }
        foreach ($step->skills as $skill) {
            $able = array_filter($this->hands, fn (Hand $h): bool => $h->has($skill));
            if ($able === [] || $step->persons === 0) {
                throw OutOfRange::field(
                    'tasks',
                    Phrase::WantsWhichNobodyOfTheTeam,
                    Phrase::ASkillOfTheTeam,
                    ['id' => (string) $step->id, 'skill' => (string) $skill],
                );
            }
        }
        foreach ($step->uses as $use) {
            if (($this->uses[$use] ?? 0) < 1) {
                throw OutOfRange::field(
                    'tasks',
                    Phrase::UsesWhichIsNotThere,
                    Phrase::SomethingOfTheListOfUses,
                    ['id' => $step->id, 'use' => (string) $use],
                );
            }
        }
    }

    private static function unknown(string $field, string $step): OutOfRange
    {
        return OutOfRange::field($field, Phrase::IsNoStep, Phrase::TheNameOfAStep, ['step' => (string) $step]);
    }

    /**
     * @param  array<string, Step>  $byId
     * @param  array<string, Step>  $ordered
     * @param  array<string, true>  $open
     */
    private static function order(Step $step, array $byId, array &$ordered, array $open): void
    {
        if (isset($ordered[$step->id])) {
            return;
        }
        if (isset($open[$step->id])) {
            throw OutOfRange::field(
                'tasks',
                Phrase::WaitsForItselfInACircle,
                Phrase::StepsThatComeToAnEnd,
                ['id' => $step->id],
            );
        }
        foreach ($step->needs as $need) {
            self::order($byId[$need->id] ?? throw self::unknown('tasks', $need->id), $byId, $ordered, $open + [$step->id => true]);
        }
        $ordered[$step->id] = $step;
    }

    /**
     * The same without some steps; what waited for them waits for what they waited for.
     *
     * @param  list<string>  $dropped
     */
    public function without(array $dropped): self
    {
        $steps = [];
        foreach ($this->steps as $id => $step) {
            if (! in_array($id, $dropped, true)) {
                $steps[] = $step->needing($this->through($step->needs, $dropped));
            }
        }
        $kept = fn (string $id): bool => ! in_array($id, $dropped, true);

        return new self(
            $steps,
            $this->hands,
            $this->uses,
            array_values(array_filter($this->ends, fn (End $e): bool => $kept($e->step))),
            array_values(array_filter($this->clocks, fn (Clock $c): bool => $kept($c->from) && $kept($c->until))),
        );
    }

    /**
     * @param  list<Need>  $needs
     * @param  list<string>  $dropped
     * @return list<Need>
     */
    private function through(array $needs, array $dropped): array
    {
        $all = [];
        foreach ($needs as $need) {
            $further = in_array($need->id, $dropped, true) ? $this->through($this->steps[$need->id]->needs, $dropped) : [$need];
            foreach ($further as $one) {
                $all[$one->id] = $one;
            }
        }

        return array_values($all);
    }

    /**
     * The same with some steps more.
     *
     * @param  list<Step>  $steps
     *
     * @throws OutOfRange
     */
    public function with(array $steps): self
    {
        return new self([...array_values($this->steps), ...$steps], $this->hands, $this->uses, $this->ends, $this->clocks);
    }
}
