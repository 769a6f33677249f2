<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What becomes of a thing that is due or may be done, given its place's next visit (S-10, S-52). */
final class NextVisit
{
    /** So many days over its latest it still rides, rather than cause a second visit. */
    public const GRACE_DAYS = 2;

    /** A visit that has no day yet waits so long for a thing that may be done then: over a weekend, rather than two visits to one place. */
    public const WAITS_DAYS = 3;

    /**
     * @param  Window  $thing  in whole days
     * @param  int  $untilDay  last day that is being planned
     * @param  int|null  $visitDay  of the next visit; null: there is none
     * @param  bool  $hasDay  false: that visit still waits for a day
     * @param  bool  $fits  people, skill and litres of that visit's crew are enough for it
     */
    public static function seat(
        Window $thing,
        int $today,
        int $untilDay,
        ?int $visitDay,
        bool $fits = true,
        bool $hasDay = true,
    ): Seat {
        $isWanted = $thing->dueDay <= $untilDay;
        $else = $isWanted ? Seat::OwnVisit : Seat::Waits;
        if ($visitDay === null || ! $fits) {
            return $else;
        }
        if ($thing->earliestDay > $visitDay + ($hasDay ? 0 : self::WAITS_DAYS)) {
            return $else;
        }
        $mustBy = max($thing->latestDay, $today) + self::GRACE_DAYS;

        return $visitDay <= $mustBy ? Seat::Rides : $else;
    }
}
