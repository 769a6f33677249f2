<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Guard as Check;
use Velbrin\Core\Measure\OutOfRange;

/** A level by the clock on the wall: in steps, or as a ramp from point to point; over midnight too. */
final readonly class Day implements Rule
{
    private const DAY_MIN = 1440.0;

    /**
     * @param  non-empty-list<array{minute: float, level: float}>  $points  rising in time
     *
     * @throws OutOfRange
     */
    public function __construct(public array $points, public bool $isRamp)
    {
        $before = -1.0;
        foreach ($points as $n => $point) {
            Check::within("points.{$n}.minute", $point['minute'], 0, self::DAY_MIN - 1e-9);
            Check::within("points.{$n}.level", $point['level'], 0, 1);
            if ($point['minute'] <= $before) {
                throw OutOfRange::field(
                    "points.{$n}.minute",
                    Phrase::PointsDoNotRiseInTime,
                    Phrase::LaterThanTheOneBefore,
                );
            }
            $before = $point['minute'];
        }
    }

    public function kind(): string
    {
        return 'day';
    }

    public function limits(): array
    {
        return [];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        $next = self::DAY_MIN + $this->points[0]['minute'];
        foreach ($this->points as $point) {
            if ($point['minute'] > $now->minute) {
                $next = $point['minute'];
                break;
            }
        }

        return ($next - $now->minute) * 60;
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        return $this->at($now->minute);
    }

    /** At a minute of the day. */
    public function at(float $minute): float
    {
        $from = $this->points[count($this->points) - 1];
        $to = $this->points[0];
        foreach ($this->points as $point) {
            if ($minute < $point['minute']) {
                $to = $point;
                break;
            }
            $from = $point;
        }
        if (! $this->isRamp) {
            return $from['level'];
        }
        // From the last point of the day to the first it goes over midnight.
        $lengthMin = $to['minute'] - $from['minute'] + ($to['minute'] > $from['minute'] ? 0.0 : self::DAY_MIN);
        $goneMin = $minute - $from['minute'] + ($minute >= $from['minute'] ? 0.0 : self::DAY_MIN);

        return $from['level'] + ($goneMin / $lengthMin) * ($to['level'] - $from['level']);
    }
}
