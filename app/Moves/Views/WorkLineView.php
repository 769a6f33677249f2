<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Works\Work;
use App\Moves\Works\WorkNow;
use App\Team\User;
use Carbon\CarbonImmutable;

/** A work in a list: how far it is, and what comes next. */
final readonly class WorkLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $system,
        public int $done,
        public int $of,
        public ?string $next,
        public ?string $from,
        public bool $isRefused,
        public bool $hasEnded,
    ) {
    }

    /** The work is loaded with system, vessel and marks. */
    public static function of(Work $work, User $user): self
    {
        $course = WorkNow::of($work);
        $now = (float) now()->getTimestamp();
        $next = $work->ended_at === null ? $course->next($now) : null;
        $waits = $next !== null && $next->fromS !== null && $next->fromS > $now;

        return new self(
            id: $work->id,
            name: $work->name,
            system: (string) $work->system?->name,
            done: $course->done(),
            of: count($course->states),
            next: $next?->step->todo->says()->in($user->units()),
            from: $waits ? CarbonImmutable::createFromTimestamp((int) ceil((float) $next->fromS))->toIso8601String() : null,
            isRefused: $next->isRefused ?? false,
            hasEnded: $work->ended_at !== null,
        );
    }
}
