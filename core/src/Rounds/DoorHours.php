<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** When a door code may be looked at by whoever goes there: shortly before, and while they are there. */
final class DoorHours
{
    /** Time to find the door, h. */
    public const BEFORE_H = 2.0;

    /** A visit nobody closed does not keep a door open for ever, h. */
    public const UNDERWAY_H = 12.0;

    /**
     * @param  float  $sinceStartH  hours since its planned beginning; below 0: still to come
     * @param  float  $minutes  it is planned to take
     */
    public static function isOpen(float $sinceStartH, float $minutes, bool $isUnderway): bool
    {
        return $sinceStartH >= -self::BEFORE_H &&
            ($sinceStartH <= $minutes / 60 || ($isUnderway && $sinceStartH < self::UNDERWAY_H));
    }
}
