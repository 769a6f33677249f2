<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\OutOfRange;

/** Begun at one reading and ended at another, with rest between the two: not yet, running, not any more (S-48). */
final readonly class AsNeeded
{
    /**
     * The day of the reading that began what runs now; null: it does not run.
     *
     * @param  list<array{value: float, day: float}>  $series  oldest first, of one parameter in one unit
     * @param  float|null  $below  begins below this
     * @param  float|null  $above  begins above this
     * @param  float  $stop  ends when this is reached from there
     */
    public static function since(array $series, ?float $below, ?float $above, float $stop): ?float
    {
        $since = null;
        foreach ($series as $reading) {
            $begins =
                ($below !== null && $reading['value'] < $below) || ($above !== null && $reading['value'] > $above);
            $ends = ($below !== null && $reading['value'] >= $stop) || ($above !== null && $reading['value'] <= $stop);
            $since = match (true) {
                $begins => $since ?? $reading['day'],
                $ends => null,
                default => $since,
            };
        }

        return $since;
    }

    /** @throws OutOfRange where the end does not lie on the good side of the one limit it begins at */
    public static function check(?float $below, ?float $above, float $stop): void
    {
        if (($below === null) === ($above === null)) {
            throw OutOfRange::field(
                'stop',
                Phrase::AReadingToStopAtGoes,
                Phrase::EitherALimitBelow,
            );
        }
        if ($below !== null && $stop < $below) {
            throw OutOfRange::field('stop', Phrase::ItWouldStopBeforeItBegins, Phrase::AtLeastTheLimitItBegins);
        }
        if ($above !== null && $stop > $above) {
            throw OutOfRange::field('stop', Phrase::ItWouldStopBeforeItBegins, Phrase::AtMostTheLimitItBegins);
        }
    }
}
