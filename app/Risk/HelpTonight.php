<?php

declare(strict_types=1);

namespace App\Risk;

use App\Control\HelpNear;

/** From hearing of it until it is mended, as the hours in hand of tonight count it. */
final class HelpTonight implements HelpNear
{
    public function minutes(array $systemIds): array
    {
        return Exposure::query()
            ->whereIn('system_id', $systemIds)
            ->where('night', Night::Tonight->value)
            ->whereNotNull('acts_h')
            ->whereNotNull('noticed_h')
            // The last of a system stays: the latest to act.
            ->orderBy('acts_h')
            ->get()
            ->mapWithKeys(fn (Exposure $e): array => [$e->system_id => 60 * max(0.0, (float) $e->acts_h - (float) $e->noticed_h)])
            ->all();
    }
}
