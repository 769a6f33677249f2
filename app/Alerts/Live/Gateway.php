<?php

declare(strict_types=1);

namespace App\Alerts\Live;

/** What carries a call to a person. Handing over the same call twice is one call. */
interface Gateway
{
    /** False: it did not get through. */
    public function hand(AlarmNotice $notice, string $words): bool;
}
