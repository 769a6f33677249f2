<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Alarm, call, person, key and part are one protection: each link has to hold (R-56). */
final class Chain
{
    /**
     * @param  list<float>  $links  chance that each fails when it is needed
     *
     * @throws OutOfRange
     */
    public static function fails(array $links): float
    {
        $holds = 1.0;
        foreach ($links as $i => $fails) {
            $holds *= 1 - Guard::within("links.{$i}", $fails, 0, 1);
        }

        return 1 - $holds;
    }
}
