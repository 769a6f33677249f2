<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/**
 * Hours left until a limit, running from now and put right by each reading (E-3): the computed course starts anew at what was read, and two
 * readings half an hour apart or more make a line of their own. The shorter of both shows.
 */
final readonly class Clock
{
    /** Two readings nearer to each other say nothing, h. */
    public const APART_H = 0.5;

    /** What is further away is no clock yet, h. */
    private const SHOWN_H = 72.0;

    private function __construct(
        /** Hours from now; 0: passed; null: never, as far as known. */
        public ?float $leftH,
        /** By the course as computed. */
        public ?float $computedH,
        /** By the line through the readings. */
        public ?float $fittedH,
    ) {
    }

    /** Whether hours that no reading moves are near enough to be shown as a clock; null: it never ends. */
    public static function isNear(?float $leftH): bool
    {
        return $leftH !== null && $leftH <= self::SHOWN_H;
    }

    /**
     * @param  list<array{atH: float, value: float}>  $readings  hours on one clock, oldest first
     * @param  float  $nowH  on the same clock
     * @param  \Closure(float): (float|null)  $courseFrom  hours from a value to the limit, null: never
     * @param  float  $startValue  what it stood at when it began, at hour 0
     * @param  bool  $rises  towards the limit
     *
     * @throws OutOfRange when a reading lies ahead of now
     */
    public static function of(
        array $readings,
        float $nowH,
        \Closure $courseFrom,
        float $startValue,
        float $limit,
        bool $rises,
    ): self {
        $last = ['atH' => 0.0, 'value' => $startValue];
        foreach ($readings as $i => $reading) {
            if ($reading['atH'] > $nowH) {
                throw OutOfRange::number(
                    "readings.{$i}.atH",
                    $reading['atH'],
                    Phrase::AtMost,
                    ['nowH' => Quantity::of($nowH, Kind::Hours)],
                );
            }
            $last = $reading['atH'] >= $last['atH'] ? $reading : $last;
        }
        $from = $courseFrom($last['value']);
        $computed = $from === null ? null : max(0.0, $from - ($nowH - $last['atH']));
        $fitted = self::fit($readings, $nowH, $limit, $rises);
        $both = array_filter([$computed, $fitted], fn (?float $h): bool => $h !== null);

        return new self($both === [] ? null : min($both), $computed, $fitted);
    }

    /** @param  list<array{atH: float, value: float}>  $readings */
    private static function fit(array $readings, float $nowH, float $limit, bool $rises): ?float
    {
        if (count($readings) < 2) {
            return null;
        }
        $last = $readings[count($readings) - 1];
        $before = null;
        foreach ($readings as $reading) {
            if ($last['atH'] - $reading['atH'] >= self::APART_H) {
                $before = $reading;
            }
        }
        if ($before === null) {
            return null;
        }
        $slope = ($last['value'] - $before['value']) / ($last['atH'] - $before['atH']);
        $towards = $rises ? $slope : -$slope;
        $way = $rises ? $limit - $last['value'] : $last['value'] - $limit;
        if ($way <= 0) {
            return 0.0;
        }

        return $towards <= 0 ? null : max(0.0, $way / $towards - ($nowH - $last['atH']));
    }
}
