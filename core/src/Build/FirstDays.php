<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** What whoever keeps a new system is told for its first ninety days (B-73). */
final class FirstDays
{
    public const OVER_AFTER_DAYS = 90;

    private const STEPS = [
        1 => 'Look every day: level, temperature, pumps, the floor beneath.',
        7 => 'Ammonia and nitrite twice a week until both are nothing twice.',
        28 => 'First animals only after that; few, and one kind of change at a time.',
        45 => 'First larger water change; the green and brown films of these weeks are usual.',
        60 => 'Alkalinity now falls as things grow: tested weekly.',
        90 => 'First look at the whole: light, flow, limits. The tank’s own rhythm begins.',
    ];

    /**
     * @param  float  $ageDays  since it was filled
     * @return array<int, string> words by the day they are for; none once the days are over
     */
    public static function of(float $ageDays): array
    {
        return $ageDays > self::OVER_AFTER_DAYS ? [] : self::STEPS;
    }
}
