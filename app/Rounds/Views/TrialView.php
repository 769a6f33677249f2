<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Trial;
use App\Team\User;
use Velbrin\Core\Chemistry\TrialEffect;
use Velbrin\Core\Measure\Quantity;

/** One trial, with what was measured so far. */
final readonly class TrialView
{
    private function __construct(
        public int $id,
        public int $systemId,
        public string $system,
        public string $method,
        public string $expectation,
        public string $measuredBy,
        public string $startedOn,
        public string $judgeOn,
        public bool $due,
        public ?string $verdict,
        public ?string $verdictLabel,
        public ?string $verdictWords,
        public string $by,
        public ?string $judgedBy,
        /** "from 12 to 6.2 mg/L, 4 and 5 readings" */
        public ?string $effect,
        public ?string $clear,
    ) {
    }

    /** The trial is loaded with system, user and judge where it is judged. */
    public static function of(Trial $t, ?TrialEffect $now, User $user): self
    {
        $kept = $t->effect;
        $parameter = $t->measured();
        $numbers = match (true) {
            $kept !== null => [
                $kept['before'],
                $kept['after'],
                $kept['beforeCount'],
                $kept['afterCount'],
                $kept['clear'],
            ],
            $now !== null => [$now->before, $now->after, $now->beforeCount, $now->afterCount, $now->isClear()],
            default => null,
        };
        $show = fn (float $v): string => $parameter === null
            ? ''
            : $user->units()->show(Quantity::of($v, $parameter->kind()));

        return new self(
            id: $t->id,
            systemId: $t->system_id,
            system: (string) $t->system?->name,
            method: $t->method,
            expectation: $t->expectation,
            measuredBy: $parameter?->label() ?? (string) $t->measure,
            startedOn: $t->started_on->toDateString(),
            judgeOn: $t->judge_on->toDateString(),
            due: $t->verdict === null && $t->judge_on->toDateString() <= Days::today()->toDateString(),
            verdict: $t->verdict?->value,
            verdictLabel: $t->verdict?->label(),
            verdictWords: $t->verdict_words,
            by: (string) $t->user?->name,
            judgedBy: $t->relationLoaded('judge') ? $t->judge?->name : null,
            effect: $numbers === null || $parameter === null
                ? null
                : "from {$show($numbers[0])} to {$show($numbers[1])}, {$numbers[2]} and {$numbers[3]} readings",
            clear: $numbers === null
                ? null
                : match ($numbers[4]) {
                    true => 'more than chance',
                    false => 'not told from chance',
                    null => 'too few readings to tell it from chance',
                },
        );
    }
}
