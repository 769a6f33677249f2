<?php

declare(strict_types=1);

namespace App\Control;

/** How long it takes from a call until somebody has mended it; the room that knows who is near knows. */
interface HelpNear
{
    /**
     * @param  list<int>  $systemIds
     * @return array<int, float> by system, min; not there: nobody has worked it out
     */
    public function minutes(array $systemIds): array;
}
