<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\AddJob;
use App\Rounds\DueThings;
use App\Rounds\FollowUp;
use App\Rounds\JobSheets;
use App\Rounds\OffRecord;
use App\Rounds\VanStock;
use App\Rounds\Visit;
use App\Rounds\VisitPart;
use App\Rounds\VisitTask;
use App\Systems\Item;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Velbrin\Core\Rounds\OffWhile;
use Velbrin\Core\Rounds\SheetStep;

/** Steps, jobs, what is off and on again, parts, and every “later”. */
final class Work
{
    public function __construct(private readonly AddJob $add, private readonly VanStock $van)
    {
    }

    public function step(Sent $sent): Outcome
    {
        $task = $sent->task();
        $index = $sent->number('step', 0, 40);
        if ($task === null || $index === null) {
            return Outcome::refused('That step is not of this visit.');
        }
        $steps = array_values(array_unique([...array_filter($task->steps, is_int(...)), (int) $index]));
        $task->update(['steps' => $sent->yes('undone') ? array_values(array_diff($steps, [(int) $index])) : $steps]);

        return Outcome::ok();
    }

    /** How it looked before the first step, or why nobody could keep that (S-49). */
    public function before(Sent $sent): Outcome
    {
        $task = $sent->task();
        $photo = $sent->payload['photo'] ?? null;
        $because = $sent->text('because', 200);
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if (! (is_string($photo) && Str::isUuid($photo)) && $because === null) {
            return Outcome::refused('Take the photo, or say why there is none.');
        }
        $task->update(is_string($photo) && Str::isUuid($photo) ? ['before_photo' => $photo] : ['before_because' => $because]);

        return Outcome::ok();
    }

    public function done(Sent $sent): Outcome
    {
        $task = $sent->task();
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if (! $sent->late && $task->type?->photo_first === true && $task->before_photo === null && $task->before_because === null) {
            return Outcome::refused('Not yet: a photo of how it looked before the first step, or why there is none.');
        }
        $holds = self::holds($task, $sent);
        if ($holds !== []) {
            return Outcome::refused('Not yet: tick “'.implode('”, “', $holds).'” first.');
        }
        $litres = $this->litres($sent, $task);
        if ($litres !== null) {
            return $litres;
        }
        $missing = $sent->late ? [] : $this->mustBeOff($task);
        if ($missing !== []) {
            return Outcome::refused(
                'Not yet: '.
                    implode(', ', $missing).
                    ' must have been off for this. Put it on the off line first, or say it was not needed.',
            );
        }
        if ($task->state !== 'done') {
            $task->update([
                'state' => 'done',
                'done_at' => $sent->at,
                'done_by' => $sent->user->id,
                'note' => $sent->text('note') ?? $task->note,
            ]);
            if ($sent->late) {
                Late::settle($task, $sent);
            }
        }

        return Outcome::ok();
    }

    /**
     * Steps nothing may be done without, and which nobody has ticked (X-42). What a phone of an older page sends names no steps.
     *
     * @return list<string>
     */
    private static function holds(VisitTask $task, Sent $sent): array
    {
        if ($sent->late) {
            return [];
        }
        $type = $task->type;
        $steps = match (true) {
            $task->sheet !== null => JobSheets::read($task->sheet['steps']),
            $type !== null => JobSheets::at($type->steps, $type->products, collect(), $type->holds),
            default => [],
        };
        $open = array_filter(
            $steps,
            fn (SheetStep $s, int $n): bool => $s->hold && ! $s->left && ! in_array($n, $task->steps, true),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_map(fn (SheetStep $s): string => $s->text, $open));
    }

    /** A change is done with its litres, out and in; null: they are there. */
    private function litres(Sent $sent, VisitTask $task): ?Outcome
    {
        if ($task->litres === null || ($task->out_l !== null && $task->in_l !== null)) {
            return null;
        }
        $out = $sent->number('outL', 0, 1e6) ?? $task->out_l;
        $in = $sent->number('inL', 0, 1e6) ?? $task->in_l;
        if ($sent->late) {
            $task->update(['out_l' => $out, 'in_l' => $in]);

            return null;
        }
        if ($out === null || $in === null) {
            return Outcome::refused('Not yet: how many litres went out, and how many in?');
        }
        $task->update(['out_l' => $out, 'in_l' => $in]);

        return null;
    }

    /** Done or put off by mistake: open again, until the visit is closed. */
    public function undo(Sent $sent): Outcome
    {
        $task = $sent->task();
        if ($task === null) {
            return Outcome::refused('That job is not of this visit.');
        }
        if ($task->state === 'skipped') {
            FollowUp::query()
                ->where('visit_id', $sent->visit->id)
                ->where('system_id', $task->system_id)
                ->where('task_type_id', $task->task_type_id)
                ->where('kind', 'carry-over')
                ->whereNull('done_at')
                ->update(['done_at' => $sent->at, 'done_by' => $sent->user->id]);
            $task->task?->settle();
            $task->task?->save();
        }
        $task->update(['state' => 'open', 'note' => null, 'done_at' => null, 'done_by' => null]);

        return Outcome::ok();
    }

    /** A job nobody planned, added where somebody stands (S-52). */
    public function job(Sent $sent, Visit $visit): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text', 200);
        $minutes = $sent->number('minutes', 1, AddJob::MOST_MIN) ?? DueThings::ERRAND_MIN;
        if ($system === null || $text === null) {
            return Outcome::refused('Say what, on which system.');
        }
        $this->add->once($visit, $system, $sent->user, $text, $minutes, null, $sent->uuid);

        return Outcome::ok('It is on this visit.');
    }

    /** Not now, because…: a carry-over with a day, which comes back by itself. */
    public function skip(Sent $sent): Outcome
    {
        $task = $sent->task();
        $reason = $sent->text('reason', 200);
        if ($task === null || $reason === null) {
            return Outcome::refused($task === null ? 'That job is not of this visit.' : 'Say why, in a few words.');
        }
        if ($task->state === 'done') {
            return Outcome::refused('It is done already.');
        }
        $on = $this->day($sent, 'againOn') ?? Days::today()->addDays(7);
        $task->update(['state' => 'skipped', 'note' => $reason, 'done_at' => $sent->at, 'done_by' => $sent->user->id]);
        // What recurs comes back by itself, not before that day; whatever was asked for once stays asked for.
        $task->task?->carryTo($on);
        $task->followUp?->update(['due_on' => $on->toDateString(), 'earliest_on' => $on->toDateString()]);
        if ($task->follow_up_id === null) {
            FollowUp::query()->firstOrCreate(
                ['client_uuid' => $sent->uuid],
                [
                    'system_id' => $task->system_id,
                    'visit_id' => $sent->visit->id,
                    'task_type_id' => $task->task_type_id,
                    'kind' => 'carry-over',
                    'text' => "{$task->name()}: {$reason}",
                    'owner_id' => $sent->user->id,
                    'due_on' => $on->toDateString(),
                    'earliest_on' => $on->toDateString(),
                    'on_site' => $task->task_id === null,
                ],
            );
        }

        return Outcome::ok('Carried over to '.$on->format('D j M').'.');
    }

    public function off(Sent $sent): Outcome
    {
        $system = $sent->system();
        $what = $sent->text('what', 120);
        if ($system === null || $what === null) {
            return Outcome::refused('Name what is off, and on which system.');
        }
        $itemId = $sent->payload['itemId'] ?? null;
        $item = is_int($itemId) ? Item::query()->where('system_id', $system->id)->whereKey($itemId)->first() : null;
        $same = OffRecord::query()
            ->where(['system_id' => $system->id, 'what' => $what])
            ->whereNull('on_at')
            ->lockForUpdate()
            ->first();
        if ($same !== null) {
            // Two hands on one switch: it is off once. The second hand's way back leads to the same record.
            return Outcome::ok("{$what} is off already.");
        }
        if ($sent->late) {
            LateOff::tell($sent, $system, $what);
        }
        OffRecord::query()->create([
            'system_id' => $system->id,
            'visit_id' => $sent->visit->id,
            'item_id' => $item?->id,
            'what' => $what,
            'off_at' => $sent->at,
            'off_by' => $sent->user->id,
            'client_uuid' => $sent->uuid,
        ]);

        return Outcome::ok();
    }

    public function on(Sent $sent): Outcome
    {
        $off = $this->record($sent);
        if ($off === null) {
            return Outcome::wait('that it went off has not arrived yet');
        }
        if ($off->on_at === null) {
            $off->update([
                'on_at' => $sent->at->lessThan($off->off_at) ? CarbonImmutable::now() : $sent->at,
                'on_by' => $sent->user->id,
            ]);
        }

        return Outcome::ok();
    }

    /** Off on purpose leaves the line only as a record with reason, owner and review (S-32, K-46). */
    public function staysOff(Sent $sent): Outcome
    {
        $off = $this->record($sent);
        $because = $sent->text('because', 300);
        $review = $this->day($sent, 'reviewOn');
        if ($off === null) {
            return Outcome::wait('that it went off has not arrived yet');
        }
        if ($because === null || $review === null || $review->lessThan(Days::today())) {
            return Outcome::refused('It may stay off with a reason and a day to look at it again.');
        }
        $off->update([
            'stays_because' => $because,
            'substitute' => $sent->text('substitute', 200),
            'review_on' => $review->toDateString(),
            'owner_id' => $sent->user->id,
        ]);
        FollowUp::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $off->system_id,
                'visit_id' => $sent->visit->id,
                'kind' => 'off-review',
                'text' => "{$off->what} is off on purpose: {$because}".
                    ($off->substitute === null ? ', nothing stands in for it' : ", instead: {$off->substitute}"),
                'owner_id' => $sent->user->id,
                'due_on' => $review->toDateString(),
            ],
        );

        return Outcome::ok('It is shown on the system until '.$review->format('D j M').'.');
    }

    public function part(Sent $sent): Outcome
    {
        $name = $sent->text('name', 120);
        $quantity = $sent->number('quantity', 0.001, 10000);
        if ($name === null || $quantity === null) {
            return Outcome::refused('Name the part and how many.');
        }
        VisitPart::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'visit_id' => $sent->visit->id,
                'system_id' => $sent->system()?->id,
                'name' => $name,
                'quantity' => $quantity,
            ],
        );
        $shelf = $sent->payload['shelf'] ?? null;

        // It was used, whatever the books say: they are told, and say what is wrong with them.
        return Outcome::ok(
            is_int($shelf)
                ? $this->van->take($sent->uuid, $shelf, $quantity, $sent->visit, $sent->system()?->id, $sent->user)
                : null,
        );
    }

    public function followUp(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text');
        $on = $this->day($sent, 'dueOn');
        if ($system === null || $text === null || $on === null) {
            return Outcome::refused('Say what, on which system, and until when.');
        }
        $ownerId = $sent->payload['ownerId'] ?? null;
        $owner = is_int($ownerId)
            ? User::query()->current()->whereKey($ownerId)->where('role', '<>', 'client')->first()
            : null;
        FollowUp::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'kind' => 'follow-up',
                'text' => $text,
                'owner_id' => $owner->id ?? $sent->user->id,
                'due_on' => $on->toDateString(),
            ],
        );

        return Outcome::ok();
    }

    /** Forgotten, or fetched from a shop meanwhile: it goes on the next load list of this place (X-46). */
    public function missed(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text', 120);
        if ($system === null || $text === null) {
            return Outcome::refused('Say what was missing.');
        }
        FollowUp::query()->firstOrCreate(
            ['client_uuid' => $sent->uuid],
            [
                'system_id' => $system->id,
                'visit_id' => $sent->visit->id,
                'kind' => 'bring',
                'text' => $text,
                'owner_id' => $sent->user->id,
                'due_on' => Days::text(),
                'on_site' => false,
            ],
        );

        return Outcome::ok('It stands on the next load list for here.');
    }

    /** For the log; or standing, impossible to miss next time. */
    public function note(Sent $sent): Outcome
    {
        $system = $sent->system();
        $text = $sent->text('text');
        if ($system === null || $text === null) {
            return Outcome::refused('Say it in a sentence, on one system.');
        }
        if ($sent->yes('standing')) {
            $system->standingNotes()->create(['text' => $text, 'user_id' => $sent->user->id]);
        } else {
            $system
                ->logEntries()
                ->create([
                    'kind' => 'observed',
                    'text' => $text,
                    'happened_at' => $sent->at,
                    'user_id' => $sent->user->id,
                ]);
        }

        return Outcome::ok();
    }

    /**
     * What should have been off for a job and was not, on systems that have it at all.
     *
     * @return list<string>
     */
    private function mustBeOff(VisitTask $task): array
    {
        $jobs = array_filter($task->type->off ?? [], is_string(...));
        if ($jobs === []) {
            return [];
        }
        $has = Item::query()
            ->where('system_id', $task->system_id)
            ->whereNull('retired_at')
            ->whereIn('job', $jobs)
            ->pluck('job')
            ->map(fn (mixed $j): string => $j instanceof \BackedEnum ? (string) $j->value : (is_string($j) ? $j : ''))
            ->unique();
        $went = OffRecord::query()
            ->where('system_id', $task->system_id)
            ->where(fn ($q) => $q->where('visit_id', $task->visit_id)->orWhereNull('on_at'))
            ->pluck('what')
            ->map(fn (mixed $w): string => is_string($w) ? $w : '')
            ->all();

        return array_values(
            array_filter(
                array_map(
                    fn (string $job): ?string => $has->contains($job) &&
                    ! in_array(self::offName($job), $went, true) &&
                    OffWhile::tryFrom($job) !== OffWhile::BaredHeaters
                        ? lcfirst(self::offName($job))
                        : null,
                    $jobs,
                ),
            ),
        );
    }

    public static function offName(string $job): string
    {
        return match ($job) {
            'top-off' => 'Top-off',
            'return-pump' => 'Return pump',
            'heater' => 'Heaters',
            default => ucfirst($job),
        };
    }

    private function record(Sent $sent): ?OffRecord
    {
        $uuid = $sent->text('off', 40);
        $off = $uuid === null ? null : OffRecord::query()->where('client_uuid', $uuid)->lockForUpdate()->first();
        // The second hand's record is the first one's: found by what it was.
        $off ??=
            ($what = $sent->text('what', 120)) !== null && ($system = $sent->system()) !== null
                ? OffRecord::query()
                    ->where(['system_id' => $system->id, 'what' => $what])
                    ->latest('id')
                    ->lockForUpdate()
                    ->first()
                : null;

        return $off !== null && $off->system?->site_id === $sent->visit->site_id ? $off : null;
    }

    private function day(Sent $sent, string $key): ?CarbonImmutable
    {
        $text = $sent->text($key, 10);

        return $text !== null &&
            preg_match('/^\d{4}-\d\d-\d\d$/', $text) === 1 &&
            checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4))
            ? CarbonImmutable::parse($text, Days::zone())
            : null;
    }
}
