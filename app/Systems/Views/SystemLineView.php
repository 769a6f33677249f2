<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Chemistry\ReadingFinding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

/** A system as a line of the fleet: what it is, and what leaves its band first. */
final readonly class SystemLineView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $where,
        public string $kind,
        public ?string $volume,
        public ?string $worst,
        public ?string $way,
        public string $mark,
        /** Days until something leaves its band; 0 when outside, null when nothing does. */
        public ?float $days,
    ) {
    }

    /** The system is loaded with site.client, bands and judgements. */
    public static function of(System $system, User $user): self
    {
        $units = $user->units();
        $first = null;
        foreach ($system->judgements as $judgement) {
            if (
                $judgement->leaves_at !== null &&
                ($first?->leaves_at === null || $judgement->leaves_at < $first->leaves_at)
            ) {
                $first = $judgement;
            }
        }
        $days = $first === null ? null : self::days($first);
        $ammonia = AmmoniaWatch::judged($system);
        $finding =
            $ammonia?->asksToAct() === true
                ? $ammonia->finding
                : ($first === null
                    ? null
                    : ReadingFinding::of(
                        parameter: $first->parameter,
                        latest: $first->latest,
                        standing: $first->standing,
                        slopePerDay: $first->slope_per_day,
                        steady: $first->steady,
                        daysToLeave: $days,
                        ratePerDay: null,
                        band: Band::for($system, $first->parameter)?->limits(),
                    ));

        return new self(
            id: $system->id,
            name: $system->name,
            where: $system->site?->client?->name.', '.$system->site?->name,
            kind: $system->kind,
            volume: $system->volumeL() === null ? null : $units->show(Quantity::of($system->volumeL(), Kind::Volume)),
            worst: $finding?->what->in($units),
            way: $finding === null ? null : rtrim($finding->why->in($units), '.'),
            mark: $finding?->severity->value ?? ($system->judgements->isEmpty() ? 'none' : 'fine'),
            days: $days,
        );
    }

    public static function days(StoredJudgement $judgement): ?float
    {
        if ($judgement->standing->outside()) {
            return 0.0;
        }

        return $judgement->leaves_at === null ? null : max(0.0, now()->diffInSeconds($judgement->leaves_at) / 86400);
    }
}
