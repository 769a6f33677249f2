<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\OffRecord;
use App\Systems\Item;
use Carbon\CarbonImmutable;

/** What is switched off for a job, comes on again, or stays off on purpose (X-11, S-32). */
final class Offs
{
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
        $review = $sent->day('reviewOn');
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

    public static function name(string $job): string
    {
        return match ($job) {
            'top-off' => 'Top-off',
            'return-pump' => 'Return pump',
            'heater' => 'Heaters',
            default => ucfirst($job),
        };
    }
}
