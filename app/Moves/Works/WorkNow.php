<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Systems\OpenRipple;
use App\Systems\Vessel;
use Illuminate\Database\Eloquent\Builder;
use Velbrin\Core\Moves\Work\OnRecord;
use Velbrin\Core\Moves\Work\WorkCourse;
use Velbrin\Core\Moves\Work\WorkVerb;

/** A work as it stands: what was said of it, and what the record says since it began. */
final class WorkNow
{
    public static function of(Work $work): WorkCourse
    {
        return WorkCourse::of(
            $work->plan(),
            array_values($work->marks->map(fn (WorkMark $m) => $m->toMark())->all()),
            new OnRecord(
                exchangedS: $work->exchanged_at === null ? null : (float) $work->exchanged_at->getTimestamp(),
                vesselS: self::vesselS($work),
                ripplesS: self::ripplesS($work),
            ),
        );
    }

    /** Since it began a vessel has joined, or the one it is about has left. */
    private static function vesselS(Work $work): ?float
    {
        if ($work->verb === WorkVerb::Retire) {
            $left = $work->vessel?->left_on;

            return $left === null ? null : (float) ($work->vessel->updated_at ?? $left)->getTimestamp();
        }
        $joined = Vessel::query()
            ->where('system_id', $work->system_id)
            ->where('role', 'other')
            ->where('created_at', '>=', $work->created_at)
            ->whereNull('left_on')
            ->latest('id')
            ->first();

        return $joined?->created_at === null ? null : (float) $joined->created_at->getTimestamp();
    }

    /** Nothing that was re-opened since it began waits any more: since the last was confirmed. */
    private static function ripplesS(Work $work): ?float
    {
        $since = fn (): Builder => OpenRipple::query()->where('system_id', $work->system_id)->where('updated_at', '>=', $work->created_at);
        if ($since()->whereNull('confirmed_at')->exists()) {
            return null;
        }
        $last = $since()->whereNotNull('confirmed_at')->latest('confirmed_at')->first();

        return (float) ($last->confirmed_at ?? $work->created_at ?? now())->getTimestamp();
    }
}
