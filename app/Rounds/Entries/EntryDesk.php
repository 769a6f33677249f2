<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\JobSheets;
use App\Rounds\Visit;
use App\Rounds\VisitEntry;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * Takes what a phone sends, once (S-31). The entry and all it does are one transaction under a unique number: a repeat, also after a
 * lost answer, finds the number and gets the first answer again. What comes before its turn is not taken and may be sent again.
 */
final class EntryDesk
{
    public function __construct(
        private readonly Work $work,
        private readonly Offs $offs,
        private readonly Later $later,
        private readonly Values $values,
        private readonly Closing $closing,
        private readonly Sand $sand,
    ) {
    }

    public function take(Sent $sent): Outcome
    {
        try {
            return DB::transaction(fn (): Outcome => $this->once($sent));
        } catch (UniqueConstraintViolationException) {
            // The same entry came twice at the same moment: the other one was first.
            return $this->known($sent->uuid, $sent->user, $sent->visit) ??
                Outcome::wait('the same entry is being kept: send it again');
        }
    }

    private function once(Sent $sent): Outcome
    {
        $known = $this->known($sent->uuid, $sent->user, $sent->visit);
        if ($known !== null) {
            return $known;
        }
        $visit = Visit::query()->lockForUpdate()->whereKey($sent->visit->id)->firstOrFail();
        $sent = $visit->state === Visit::CLOSED ? $sent->asLate() : $sent;
        $outcome = $this->apply($sent, $visit);
        if ($outcome->outcome !== Outcome::WAIT) {
            VisitEntry::query()->create([
                'uuid' => $sent->uuid,
                'visit_id' => $sent->visit->id,
                'user_id' => $sent->user->id,
                'kind' => $sent->kind,
                'payload' => $sent->payload,
                'typed_at' => $sent->at,
                'outcome' => $outcome->outcome,
                'words' => $outcome->words === null ? null : mb_substr($outcome->words, 0, 500),
                'late' => $sent->late && $outcome->outcome === Outcome::OK && in_array($sent->kind, Late::KINDS, true),
            ]);
        }

        return $outcome;
    }

    private function known(string $uuid, User $user, Visit $visit): ?Outcome
    {
        $entry = VisitEntry::query()->where('uuid', $uuid)->first();

        return match (true) {
            $entry === null => null,
            // A number is one person's, of one visit: whoever guesses it learns nothing.
            $entry->user_id !== $user->id || $entry->visit_id !== $visit->id => Outcome::refused(
                'That number belongs to another entry.',
            ),
            default => Outcome::stored($entry->outcome, $entry->words),
        };
    }

    private function apply(Sent $sent, Visit $visit): Outcome
    {
        if ($sent->late && in_array($sent->kind, ['open', 'close'], true)) {
            return Outcome::ok(
                'It was closed already'.($visit->closer === null ? '.' : ", by {$visit->closer->name}."),
            );
        }
        if ($sent->late && ! in_array($sent->kind, Late::KINDS, true)) {
            return Outcome::refused('The visit is closed already: put it off on the system’s own page.');
        }
        if ($visit->state !== Visit::CLOSED && $visit->opened_at === null) {
            $at = $sent->at->isFuture() ? CarbonImmutable::now() : $sent->at;
            // It is of the day it was begun on, whatever day it was planned for.
            $visit->update([
                'state' => Visit::UNDERWAY,
                'opened_at' => $at,
                'opened_by' => $sent->user->id,
                'planned_min' => $visit->minutes,
                'planned_on' => $at->setTimezone(Days::zone())->toDateString(),
            ]);
            JobSheets::keep($visit, $at);
        }

        return match ($sent->kind) {
            'open' => Outcome::ok('The clock runs.'),
            'step' => $this->work->step($sent),
            'done' => $this->work->done($sent),
            'before' => $this->work->before($sent),
            'skip' => $this->work->skip($sent),
            'off' => $this->offs->off($sent),
            'on' => $this->offs->on($sent),
            'stays-off' => $this->offs->staysOff($sent),
            'undo' => $this->work->undo($sent),
            'job' => $this->work->job($sent, $visit),
            'depths' => $this->sand->depths($sent),
            'lift' => $this->sand->lift($sent),
            'put-back' => $this->sand->putBack($sent),
            'part' => $this->later->part($sent),
            'follow-up' => $this->later->followUp($sent),
            'note' => $this->later->note($sent),
            'missed' => $this->later->missed($sent),
            'reading' => $this->values->reading($sent),
            'seen' => $this->values->seen($sent),
            'litres' => $this->values->litres($sent),
            'water' => $this->values->water($sent),
            'close' => $this->closing->close($sent, $visit),
            default => Outcome::refused("{$sent->kind} is not a kind of entry."),
        };
    }
}
