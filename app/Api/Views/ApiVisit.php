<?php

declare(strict_types=1);

namespace App\Api\Views;

use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Team\User;

/** A visit; a client's programs read when and what, not who was put where or why. */
final readonly class ApiVisit
{
    /** @param  list<string>  $work */
    private function __construct(
        public int $id,
        public int $siteId,
        public string $site,
        public string $state,
        public ?string $plannedOn,
        public ?string $startsAt,
        public ?string $openedAt,
        public ?string $closedAt,
        public float $minutes,
        public ?float $actualMin,
        public array $work,
        public ?string $crew,
        public ?float $saltWaterL,
    ) {
    }

    /** The visit is loaded with site, crew, tasks.type and tasks.system. */
    public static function of(Visit $v, User $reader): self
    {
        $ours = $reader->isStaff();

        return new self(
            id: $v->id,
            siteId: $v->site_id,
            site: (string) $v->site?->name,
            state: $v->state,
            plannedOn: $v->planned_on?->toDateString(),
            startsAt: $v->starts_at?->toIso8601ZuluString(),
            openedAt: $v->opened_at?->toIso8601ZuluString(),
            closedAt: $v->closed_at?->toIso8601ZuluString(),
            minutes: (float) $v->minutes,
            actualMin: $ours && $v->actual_min !== null ? (float) $v->actual_min : null,
            work: array_values(
                $v->tasks
                    ->map(
                        fn (VisitTask $t): string => "{$t->system?->name}: {$t->type?->name}".
                            ($t->state === 'open' ? '' : " ({$t->state})"),
                    )
                    ->all(),
            ),
            crew: $ours ? $v->crew?->name : null,
            saltWaterL: $ours ? (float) $v->salt_l : null,
        );
    }
}
