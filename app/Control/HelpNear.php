<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\System;

/** How long it takes from a call until somebody has mended it; the room that knows who is near knows. */
interface HelpNear
{
    /** min; null: nobody has worked it out. */
    public function minutes(System $system): ?float;
}
