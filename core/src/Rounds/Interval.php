<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** How often a task recurs, as a range: from when it may be done, when it is due, from when it is overdue (S-2, X-40). Days. */
final readonly class Interval
{
    /** Where the company gives no range of its own. */
    public const EARLIEST = 0.7;

    public const LATEST = 1.3;

    private function __construct(public float $earliestDays, public float $dueDays, public float $latestDays)
    {
    }

    /** @throws OutOfRange when the three are not in order */
    public static function of(float $dueDays, ?float $earliestDays = null, ?float $latestDays = null): self
    {
        Guard::positive('dueDays', $dueDays);
        $earliest = $earliestDays ?? self::EARLIEST * $dueDays;
        $latest = $latestDays ?? self::LATEST * $dueDays;
        if ($earliest < 0 || $earliest > $dueDays) {
            throw OutOfRange::number('earliestDays', $earliest, Phrase::N0To, ['dueDays' => Quantity::of($dueDays, Kind::Days)]);
        }
        if (! is_finite($latest) || $latest < $dueDays) {
            throw OutOfRange::number('latestDays', $latest, Phrase::AtLeast, ['dueDays' => Quantity::of($dueDays, Kind::Days)]);
        }

        return new self($earliest, $dueDays, $latest);
    }

    /** The window after it was done on that day. */
    public function after(float $doneDay): Window
    {
        return new Window($doneDay + $this->earliestDays, $doneDay + $this->dueDays, $doneDay + $this->latestDays);
    }

    /** Never done: due on its first day, overdue as much later as it would be after a regular one (S-51). */
    public function from(float $firstDay): Window
    {
        return new Window($firstDay, $firstDay, $firstDay + $this->latestDays - $this->dueDays);
    }
}
