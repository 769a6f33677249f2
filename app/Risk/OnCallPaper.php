<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Paper;
use App\Team\User;

/** The fleet for the on-call folder: who is exposed, by what, whom to ring, who has the key. */
final class OnCallPaper
{
    /** What a folder holds. */
    private const SYSTEMS = 200;

    public static function pdf(FleetReader $fleet, FleetAsked $asked, User $user): string
    {
        return Paper::pdf('risk.on-call', [
            'asked' => $asked,
            'groups' => $asked->cause === null ? $fleet->groups($asked) : [],
            'lines' => $fleet->lines($fleet->all($asked, self::SYSTEMS), $asked, $user),
            'most' => self::SYSTEMS,
        ]);
    }
}
