<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Phrase;

/** The course of a move’s day (M-8): who does what when, what it hangs on, and how much room each end leaves. */
final readonly class Timetable
{
    /** Wanted in hand: so much of the root of the summed squares of all durations on the way to an end. */
    private const RESERVE = 0.4;

    /**
     * @param  array<string, int>  $slack  min left before each end, by step; below 0: past it
     * @param  array<string, float>  $reserve  min wanted there
     * @param  array<string, list<string>>  $chain  the steps each end hangs on, in order
     * @param  list<array{label: string, fromMin: int, untilMin: int, limitMin: int}>  $clocks
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public Plan $plan,
        public int $finishMin,
        public int $pastMin,
        public array $slack,
        public array $reserve,
        public array $chain,
        public array $clocks,
        /** No plan is done sooner. */
        public int $boundMin,
        /** Nothing better can be; otherwise: nothing better was found. */
        public bool $isProven,
        public array $findings,
    ) {
    }

    /** @param  list<string>|null  $standing  steps in the order of the plan that stands */
    public static function of(Work $work, ?array $standing = null, bool $isQuick = false): self
    {
        [$plan, $isProven] = Search::of($work, $standing, $isQuick);
        $judged = Judged::of($work, $plan);
        $slack = $reserve = $chain = [];
        foreach ($work->ends as $end) {
            $slack[$end->step] = min(
                $slack[$end->step] ?? PHP_INT_MAX,
                $end->atMin - $plan->starts[$end->step] - $work->steps[$end->step]->minutes,
            );
            $chain[$end->step] = self::chain($work, $plan, $end->step);
            $squares = array_map(fn (string $id): int => $work->steps[$id]->minutes ** 2, $chain[$end->step]);
            $reserve[$end->step] = self::RESERVE * sqrt(array_sum($squares));
        }
        $paths = Paths::of($work);
        $isImpossible = $paths->pastMin($work) > 0;

        return new self(
            plan: $plan,
            finishMin: $judged->finishMin,
            pastMin: $judged->pastMin,
            slack: $slack,
            reserve: $reserve,
            chain: $chain,
            clocks: array_map(fn (Clock $c): array => [
                'label' => $c->label,
                'fromMin' => $plan->starts[$c->from],
                'untilMin' => $plan->starts[$c->until] + $work->steps[$c->until]->minutes,
                'limitMin' => $c->minutes,
            ], $work->clocks),
            boundMin: $paths->boundMin($work),
            isProven: $isProven,
            findings: self::findings($work, $plan, $slack, $reserve, $isImpossible),
        );
    }

    /** @return list<string> in the order of the plan */
    public function order(): array
    {
        $starts = $this->plan->starts;
        asort($starts);

        return array_keys($starts);
    }

    /** @return list<string> back from a step over what it waited for, or whose hands and things it needed */
    private static function chain(Work $work, Plan $plan, string $id): array
    {
        $chain = [];
        for ($at = $id; $at !== null; $at = self::waitedFor($work, $plan, $at, $chain)) {
            array_unshift($chain, $at);
        }

        return $chain;
    }

    /** @param  list<string>  $chain */
    private static function waitedFor(Work $work, Plan $plan, string $id, array $chain): ?string
    {
        $start = $plan->starts[$id];
        $until = fn (string $other): int => $plan->starts[$other] + $work->steps[$other]->minutes;
        foreach ($work->steps[$id]->needs as $need) {
            if ($until($need->id) + $need->lagMin === $start) {
                return $need->id;
            }
        }
        foreach ($work->steps as $other => $step) {
            $shares = array_intersect($plan->hands[$other], $plan->hands[$id]) !== []
                || array_intersect($step->uses, $work->steps[$id]->uses) !== [];
            if ($other !== $id && $shares && $until($other) === $start && ! in_array($other, $chain, true)) {
                return $other;
            }
        }

        return null;
    }

    /**
     * @param  array<string, int>  $slack
     * @param  array<string, float>  $reserve
     * @return list<Finding>
     */
    private static function findings(Work $work, Plan $plan, array $slack, array $reserve, bool $isImpossible): array
    {
        $found = [];
        foreach ($work->ends as $end) {
            $label = $end->label === '' ? $work->steps[$end->step]->label : $end->label;
            $parts = [
                'end' => $label === '' ? $end->step : $label,
                'min' => Quantity::of(abs($slack[$end->step]), Kind::Minutes),
                'wanted' => Quantity::of($reserve[$end->step], Kind::Minutes),
            ];
            $found[] = match (true) {
                $slack[$end->step] < 0 => Finding::of(
                    severity: Severity::Stop,
                    rule: 'M-8',
                    about: 'course',
                    what: Sentence::of(Phrase::IsMissedBy, $parts),
                    why: Sentence::of(
                        $isImpossible ? Phrase::TheLongestWayAloneTakesLonger : Phrase::NoBetterOrderWasFound,
                    ),
                    remedy: Sentence::of(Phrase::LeaveSomethingForAnotherDay),
                    subject: $end->step,
                )->answering('move-end-missed'),
                $slack[$end->step] < $reserve[$end->step] => Finding::of(
                    severity: Severity::Watch,
                    rule: 'M-8',
                    about: 'course',
                    what: Sentence::of(Phrase::HasInHand, $parts),
                    why: Sentence::of(Phrase::OneStageThatTakesAsMuch),
                    remedy: Sentence::of(Phrase::KnowBeforehandWhatWillBeLeft),
                    subject: $end->step,
                )->answering('move-end-near'),
                default => Finding::of(
                    severity: Severity::Fine,
                    rule: 'M-8',
                    about: 'course',
                    what: Sentence::of(Phrase::HasInHand2, $parts),
                    why: Sentence::of(Phrase::MoreThanTheItsStagesMay, $parts),
                    subject: $end->step,
                )->answering('move-end-holds'),
            };
        }
        foreach ($work->clocks as $clock) {
            $used = Judged::usedMin($work, $plan, $clock);
            if ($used > $clock->minutes) {
                $found[] = Finding::of(
                    severity: Severity::Stop,
                    rule: 'M-5',
                    about: 'clock',
                    what: Sentence::of(Phrase::LastsItsAnimals, [
                        'box' => $clock->label,
                        'limit' => Quantity::of($clock->minutes, Kind::Minutes),
                        'used' => Quantity::of($used, Kind::Minutes),
                    ]),
                    why: Sentence::of(Phrase::ThenItsOxygen),
                    remedy: Sentence::of(Phrase::ABetterBox),
                    subject: $clock->label,
                )->answering('move-clock-runs-out');
            }
        }

        return Finding::sorted($found);
    }
}
