<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Build\CarriesOver;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;

/** Keeps what a stage of a build left over as a carry-over of its system. */
final class StageLeftOver implements CarriesOver
{
    /** A stage may stand so long before it is late. */
    private const LATE_DAYS = 7;

    /** A crew’s working day. */
    private const MOST_MIN = 450.0;

    public function stage(
        System $system,
        string $label,
        float $hours,
        int $persons,
        User $owner,
        CarbonImmutable $from,
    ): void {
        $on = $from->toDateString();
        FollowUp::query()->firstOrCreate(
            ['system_id' => $system->id, 'kind' => 'stage', 'text' => "Build: {$label}", 'done_at' => null],
            [
                'owner_id' => $owner->id,
                'on_site' => true,
                'minutes' => min(self::MOST_MIN, 60 * max(0.25, $hours)),
                'persons' => min(2, max(1, $persons)),
                'earliest_on' => $on,
                'due_on' => $on,
                'latest_on' => $from->addDays(self::LATE_DAYS)->toDateString(),
            ],
        );
    }

    public function carry(System $system, string $text, User $owner, CarbonImmutable $due): void
    {
        FollowUp::query()->create([
            'system_id' => $system->id,
            'kind' => 'carry-over',
            'text' => $text,
            'owner_id' => $owner->id,
            'due_on' => $due->toDateString(),
            'on_site' => true,
        ]);
    }
}
