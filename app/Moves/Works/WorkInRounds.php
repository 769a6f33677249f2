<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\Work\StepState;

/** What stands for a work in the rounds: one job with its next step, not before that may be done; none once it is over. */
final class WorkInRounds
{
    private const MINUTES = 60;

    /** A step that may be done now is due within so many days. */
    private const WITHIN_DAYS = 7;

    public static function set(Work $work, User $user): void
    {
        $now = now()->toImmutable();
        $next = $work->ended_at === null ? WorkNow::of($work)->next((float) $now->getTimestamp()) : null;
        $standing = $work->followUp()->whereNull('done_at')->first();
        if ($next === null) {
            $standing?->update(['done_at' => $now, 'done_by' => $user->id]);

            return;
        }
        $row = ['text' => self::text($work, $next), ...self::days($work, $next, $now)];
        if ($standing !== null) {
            $standing->update($row);

            return;
        }
        $followUp = FollowUp::query()->create([
            'system_id' => $work->system_id,
            'kind' => 'follow-up',
            'owner_id' => $work->user_id,
            'on_site' => true,
            'minutes' => self::MINUTES,
            ...$row,
        ]);
        $work->update(['follow_up_id' => $followUp->id]);
    }

    private static function text(Work $work, StepState $next): string
    {
        return mb_substr("{$work->name}, next: {$next->step->todo->says()->in(Units::metric())}", 0, 300);
    }

    /** @return array{earliest_on: string, earliest_at: CarbonImmutable|null, due_on: string} */
    private static function days(Work $work, StepState $next, CarbonImmutable $now): array
    {
        $from = $next->fromS === null ? null : CarbonImmutable::createFromTimestamp((int) ceil($next->fromS), Days::zone());
        $earliest = max(
            Days::text(),
            $from?->toDateString() ?? Days::text(),
            $work->marks->isEmpty() ? ($work->on?->toDateString() ?? Days::text()) : Days::text(),
        );
        $isPlanned = $work->marks->isEmpty() && $work->on !== null;

        return [
            'earliest_on' => $earliest,
            'earliest_at' => $from !== null && $from > $now ? $from : null,
            'due_on' => $isPlanned || $from !== null && $from > $now
                ? $earliest
                : CarbonImmutable::parse($earliest)->addDays(self::WITHIN_DAYS)->toDateString(),
        ];
    }
}
