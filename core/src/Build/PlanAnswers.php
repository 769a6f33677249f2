<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Light\LightSurvey;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Power\PowerTree;

/** Everything a plan can say of a brief. */
final readonly class PlanAnswers
{
    /**
     * @param  array<string, Figure>  $figures  by key, in reading order
     * @param  list<Finding>  $findings  worst first
     * @param  list<OpenCheck>  $open  what cannot be called Fine yet, and the facts that would settle it
     * @param  list<FieldError>  $errors
     * @param  list<PowerCutFrame>  $powerCut  break working; empty while it cannot be computed
     * @param  list<PowerCutFrame>  $cloggedCut  break clogged; empty when there is none
     */
    public function __construct(
        public array $figures,
        public array $findings,
        public array $open,
        public array $errors,
        public ?Section $section,
        public array $powerCut,
        public array $cloggedCut,
        /** Null while the pump is not chosen. */
        public ?PumpChart $pump,
        /** @var array<string, LightMap> near the surface, halfway down, at the bottom; empty while no lamp is given */
        public array $light,
        public ?LightSurvey $lightSurvey,
        /** Null while no lamp is given. */
        public ?DayPlan $day,
        /** Every set of heaters looked at, and the one chosen first; null while facts are missing. */
        public ?HeaterChoice $heating,
        /** Null while no hole is given, or one cannot be. */
        public ?HolePlan $holes,
        /** @var list<Hole> where a planner might start; empty while the drains are not described */
        public array $proposedHoles,
        /** Null while nothing is to stand in the cabinet, or its sizes are missing. */
        public ?Compartments $cabinet,
        /** Null while no passage is known. */
        public ?WaysThrough $ways,
        /** Null while nothing is mounted on it, or its size is missing. */
        public ?BoardLayout $board,
        /** Null while no cable way is listed. */
        public ?FilledWays $cableWays,
        /** Null while no plug is listed. */
        public ?PowerTree $power,
        /** @var list<array{0: float, 1: float}> the display’s inside from above, mm; empty while its sizes are missing */
        public array $outline,
    ) {
    }

    public function figure(string $key): ?Figure
    {
        return $this->figures[$key] ?? null;
    }

    /** @return list<Finding> */
    public function stops(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->severity === Severity::Stop));
    }

    /** @return list<OpenCheck> questions a Stop can come from that nobody can answer yet */
    public function openSafety(): array
    {
        return array_values(array_filter($this->open, fn (OpenCheck $o): bool => $o->isSafety));
    }

    /** Whether a rule is met for certain: Fine was said of it, and nothing of it is against the plan or open (B-94). */
    public function isClear(string $rule): bool
    {
        $of = array_filter($this->findings, fn (Finding $f): bool => $f->rule === $rule);
        $against = array_filter(
            $of,
            fn (Finding $f): bool => in_array($f->severity, [Severity::Stop, Severity::Fix], true),
        );
        $fine = array_filter($of, fn (Finding $f): bool => $f->severity === Severity::Fine);
        $open = array_filter($this->openSafety(), fn (OpenCheck $o): bool => $o->rule === $rule);

        return $fine !== [] && $against === [] && $open === [];
    }

    /**
     * What is still to survey, each with what depends on it.
     *
     * @return array<string, list<string>> labels of waiting figures by field
     */
    public function waiting(): array
    {
        $waiting = [];
        foreach ($this->figures as $figure) {
            foreach ($figure->needs as $field) {
                $waiting[$field][] = $figure->label;
            }
        }

        return $waiting;
    }
}
