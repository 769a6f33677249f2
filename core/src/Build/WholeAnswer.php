<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;

/** All that follows from a brief: what it says, the course of work, what it takes to build and to run for a year. */
final readonly class WholeAnswer
{
    /** @param  list<Stage>  $stages  in order; empty while the plan cannot say */
    public function __construct(
        public PlanAnswers $answers,
        public array $stages,
        public TakeOff $takeOff,
        public RunningCost $year,
    ) {
    }

    public static function of(PlanBrief $brief): self
    {
        $answers = Plan::answer($brief);

        return new self($answers, self::stages($brief), TakeOff::of($brief, $answers), RunningCost::of($brief));
    }

    /** @return list<Stage> */
    private static function stages(PlanBrief $brief): array
    {
        try {
            return Stages::of(Facts::of($brief));
        } catch (Missing|OutOfRange) {
            return [];
        }
    }
}
