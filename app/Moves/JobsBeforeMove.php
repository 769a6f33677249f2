<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use App\Moves\Views\MoveBeforeView;
use App\Rounds\FollowUp;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\BeforeMove;

/**
 * What comes before a move, as jobs in the rounds (M-2): booked when it has a day, moved with it, taken back when it is given up. What
 * is done stays done; what can no longer be in time is not booked.
 */
final class JobsBeforeMove
{
    private const KIND = 'follow-up';

    public static function book(Move $move): void
    {
        try {
            $due = $move->on === null || $move->system_id === null || $move->isArchived() || $move->closed_at !== null
                ? []
                : BeforeMove::due(MoveDocument::read($move));
        } catch (OutOfRange) {
            // Half typed: what was booked stands until it can be read again.
            return;
        }
        DB::transaction(function () use ($move, $due): void {
            $wanted = [];
            foreach ($due as $job) {
                if (self::keep($move, $job)) {
                    $wanted[] = self::uuid($move, $job->code);
                }
            }
            self::open($move)->reject(fn (FollowUp $f): bool => in_array($f->client_uuid, $wanted, true))->each->delete();
        });
    }

    /** @return bool whether it stands in the rounds, late or not, or is done */
    private static function keep(Move $move, BeforeMove $job): bool
    {
        $on = fn (int $before): string => (string) $move->on?->subDays($before)->toDateString();
        $known = FollowUp::query()->where('client_uuid', self::uuid($move, $job->code))->first();
        if ($on($job->latestDay) < Days::text() || $known?->done_at !== null) {
            return $known !== null;
        }
        // Of a day that stands nothing is put off: what is late stays late.
        $dates = $known?->latest_on?->toDateString() === $on($job->latestDay) ? [] : [
            'earliest_on' => max($on($job->fromDay), Days::text()),
            'due_on' => max($on($job->dueDay), Days::text()),
            'latest_on' => $on($job->latestDay),
        ];
        FollowUp::query()->updateOrCreate(
            ['client_uuid' => self::uuid($move, $job->code)],
            [
                'system_id' => $move->system_id,
                'kind' => self::KIND,
                'text' => mb_substr("Before {$move->name}: {$job->text}", 0, 500),
                'owner_id' => $known->owner_id ?? $move->user_id,
                'on_site' => $job->isOnSite,
                'minutes' => $job->minutes,
                ...$dates,
            ],
        );

        return true;
    }

    /** @return list<MoveBeforeView> in time */
    public static function rows(Move $move): array
    {
        return array_values(self::of($move)->orderBy('due_on')->orderBy('id')->get()->map(MoveBeforeView::of(...))->all());
    }

    /** @return Builder<FollowUp> */
    private static function of(Move $move): Builder
    {
        return FollowUp::query()->whereIn(
            'client_uuid',
            array_map(fn (string $code): string => self::uuid($move, $code), BeforeMove::CODES),
        );
    }

    /** @return Collection<int, FollowUp> of this move, not done and on no visit */
    private static function open(Move $move): Collection
    {
        return self::of($move)
            ->whereNull('done_at')
            ->whereNotExists(DB::table('visit_tasks')->whereColumn('visit_tasks.follow_up_id', 'follow_ups.id'))
            ->get()
            ->toBase();
    }

    /** The same for the same move and job, so that nothing is booked twice. */
    private static function uuid(Move $move, string $code): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "velbrin:before-move:{$move->id}:{$code}")->toString();
    }
}
