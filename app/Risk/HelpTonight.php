<?php

declare(strict_types=1);

namespace App\Risk;

use App\Control\HelpNear;
use App\Systems\System;

/** From hearing of it until it is mended, as the hours in hand of tonight count it. */
final class HelpTonight implements HelpNear
{
    public function minutes(System $system): ?float
    {
        $row = Exposure::query()
            ->where('system_id', $system->id)
            ->where('night', Night::Tonight->value)
            ->whereNotNull('acts_h')
            ->whereNotNull('noticed_h')
            ->orderByDesc('acts_h')
            ->first();

        return $row === null ? null : 60 * max(0.0, (float) $row->acts_h - (float) $row->noticed_h);
    }
}
