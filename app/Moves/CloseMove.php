<?php

declare(strict_types=1);

namespace App\Moves;

use App\Alerts\Alarm;
use App\Clients\Attachment;
use App\House\Days;
use App\Moves\Kit\Kit;
use App\Rounds\FollowUp;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\StandingNote;
use App\Systems\Stock\Animal;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Moves\AfterMove;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\OriginLeft;

/**
 * A move is over: what is owed afterwards is booked, and a system that stands somewhere else now is on record there. What moved is
 * mounted and no more until it is powered, calibrated and tested (M-31).
 */
final class CloseMove
{
    /** What stays open at the old place is looked at so many days later. */
    private const OPEN_DAYS = 3;

    private const OPEN_MINUTES = 30;

    /**
     * @param  array{words: string, standsThere: bool, left: array<array-key, mixed>, signedBy: string|null,
     *     stillOpen: string|null}  $given
     */
    public static function of(Move $move, array $given, User $user): void
    {
        if ($move->isHolding()) {
            throw ValidationException::withMessages(['words' => 'Animals are still in the holding: it closes when the last one is home.']);
        }
        $photos = self::photos($move);
        $open = [
            ...($move->kind->drives() ? OriginLeft::open($given['left'], $given['signedBy'], $photos) : []),
            ...self::uncounted($move),
            ...Kit::open($move),
        ];
        if ($open !== [] && ($given['stillOpen'] ?? '') === '') {
            throw ValidationException::withMessages([
                'left' => 'Not yet: '.implode('; ', $open).'. Or say what stays open, and it becomes a job.',
            ]);
        }
        self::placed($move);
        DB::transaction(function () use ($move, $given, $photos, $open, $user): void {
            $move->update([
                'closed_at' => now(),
                'closed_by' => $user->id,
                'closed_words' => $given['words'],
                'left_place' => [...$given['left'], 'signedBy' => $given['signedBy'], 'photos' => $photos, 'open' => $open],
            ]);
            Paces::keep($move);
            JobsBeforeMove::book($move);
            $system = $move->system()->lockForUpdate()->first();
            if ($system === null) {
                return;
            }
            if ($open !== []) {
                self::staysOpen($move, $system, $open, (string) $given['stillOpen'], $user);
            }
            MoveHeads::sign($move, $system, $user);
            if ($given['standsThere'] && $move->to_site_id !== null) {
                self::goes($system, $move->to_site_id);
                self::staysBehind($move, $system);
            }
            self::owes($move, $system, $user);
            if ($move->kind === MoveKind::Removal) {
                $system->logEntries()->create([
                    'kind' => 'work',
                    'text' => mb_substr("Taken away: {$given['words']}", 0, 1000),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
                $system->archive();
            }
        });
    }

    /**
     * Animals neither home nor signed for; those of a removal are placed by the list.
     *
     * @return list<string>
     */
    private static function uncounted(Move $move): array
    {
        if ($move->kind === MoveKind::Removal) {
            return [];
        }
        $heads = MoveHeads::of($move);
        $missing = $heads?->notHome($move->holding_emptied_at !== null);

        return match (true) {
            $heads === null => ['the plan cannot be read, so nobody can say whether all animals are home'],
            $missing === 0 => [],
            $missing === null => ['nobody has counted the animals home'],
            default => ["{$missing} of {$heads->all()} animals are neither counted home nor signed for"],
        };
    }

    /** Of a tank that is taken away every animal has gone somewhere, and the list says where. */
    private static function placed(Move $move): void
    {
        if ($move->kind !== MoveKind::Removal || $move->system_id === null) {
            return;
        }
        $left = Animal::query()->living()->where('system_id', $move->system_id)->get();
        if ($left->isNotEmpty()) {
            $names = $left->map(fn (Animal $a): string => "{$a->count} × {$a->name}")->implode(', ');
            throw ValidationException::withMessages([
                'words' => mb_substr("Still on the list: {$names}. Say in its stock where they went.", 0, 500),
            ]);
        }
    }

    /** Of the old place, since the day it was left. */
    private static function photos(Move $move): int
    {
        $from = $move->from()->firstOrFail();

        return Attachment::query()
            ->current()
            ->where(['subject_type' => $from->getMorphClass(), 'subject_id' => $from->id])
            ->where('created_at', '>=', ($move->on ?? Days::today())->startOfDay())
            ->count();
    }

    /** @param  list<string>  $open */
    private static function staysOpen(Move $move, System $system, array $open, string $words, User $user): void
    {
        FollowUp::query()->create([
            'system_id' => $system->id,
            'kind' => 'follow-up',
            'text' => mb_substr("What {$move->name} left open: ".implode('; ', $open).". {$words}", 0, 300),
            'owner_id' => $user->id,
            'due_on' => Days::text(self::OPEN_DAYS),
            'on_site' => false,
            'minutes' => self::OPEN_MINUTES,
        ]);
    }

    /** Of whoever owned it before, notes and photos are not for whoever owns it now (M-34). */
    private static function staysBehind(Move $move, System $system): void
    {
        if (($move->brief['way']['newOwner'] ?? null) !== true) {
            return;
        }
        $system->standingNotes()->current()->get()->each(fn (StandingNote $n) => $n->archive());
        $system->attachments()->current()->get()->each(fn (Attachment $a) => $a->archive());
    }

    private static function goes(System $system, int $siteId): void
    {
        $system->update(['site_id' => $siteId, 'room_id' => null]);
        $system->vessels()->update(['room_id' => null]);
        foreach ($system->items()->whereNull('retired_at')->get() as $item) {
            $item->update([
                'state' => Installed::Mounted,
                'tested_result' => null,
                'outlet' => null,
                'circuit' => null,
                'outlet_id' => null,
                'circuit_id' => null,
            ]);
        }
        // A head that stayed behind no longer sees this water; an alarm of its own has to be made to call again.
        Alarm::query()->current()->where('system_id', $system->id)->get()->each(function (Alarm $alarm): void {
            $alarm->controller_id === null ? $alarm->update(['tested_on' => null]) : $alarm->archive();
        });
        // Its jobs at visits to the old place come due at the new one.
        VisitTask::query()
            ->where('system_id', $system->id)
            ->where('state', 'open')
            ->whereHas('visit', fn ($v) => $v->whereIn('state', [Visit::OPEN, Visit::PLANNED]))
            ->delete();
    }

    private static function owes(Move $move, System $system, User $user): void
    {
        $day = $move->on ?? Days::today();
        $owed = AfterMove::owed($move->kind);
        if ($owed === []) {
            return;
        }
        $system->update(['settling_until' => $day->addDays(AfterMove::SETTLES_DAYS)->toDateString()]);
        $owner = $move->hands()->orderBy('users.id')->value('users.id') ?? $user->id;
        $on = fn (int $after): string => CarbonImmutable::parse($day->toDateString())->addDays($after)->toDateString();
        foreach ($owed as $one) {
            FollowUp::query()->create([
                'system_id' => $system->id,
                'kind' => 'check-back',
                'text' => $one->text,
                'owner_id' => $owner,
                'earliest_on' => $on($one->fromDay),
                'due_on' => $on($one->dueDay),
                'latest_on' => $on($one->latestDay),
                'on_site' => $one->isOnSite,
                'minutes' => $one->minutes,
            ]);
        }
    }
}
