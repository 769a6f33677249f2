<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Plan;
use App\House\Views\AnswersView;

/** What follows from the draft, each time it changes. */
final readonly class PlanLiveView
{
    /** @param  array<string, float|string>  $defaults what is assumed where nobody has said anything */
    private function __construct(
        public AnswersView $answers,
        public array $defaults,
        public int $revision,
        public bool $conflict,
    ) {
    }

    /** @param  array<string, float|string>  $defaults */
    public static function of(Plan $plan, AnswersView $answers, array $defaults, bool $conflict): self
    {
        return new self($answers, $defaults, $plan->revision, $conflict);
    }
}
