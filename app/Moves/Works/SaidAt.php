<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Rounds\Entries\PhoneClock;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** When a phone said it, by the office's clock: it may have waited for a signal since (X-11). */
final class SaidAt
{
    /** @return array<string, list<string>> */
    public static function rules(): array
    {
        return ['at' => ['nullable', 'date'], 'sent_at' => ['nullable', 'date']];
    }

    /** Never before the work began, never to come; a page that says no hour says it now. */
    public static function of(Request $request, Work $work): CarbonImmutable
    {
        $now = CarbonImmutable::now();
        $said = PhoneClock::moment($request->input('at'));
        if ($said === null) {
            return $now;
        }
        $sent = $request->input('sent_at');
        $right = $said->addSeconds(PhoneClock::of(is_string($sent) ? $sent : null)->skewS);
        $begun = CarbonImmutable::parse($work->created_at ?? $now);

        return $right->max($begun)->min($now);
    }
}
