<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/**
 * Runs at fixed times of the day, each at most once on a day: missed is missed, and counted. What it gives in any 24 h has a cap,
 * which counts what was given by hand.
 */
final readonly class Pulse implements Rule
{
    /** A pulse that could not begin within so long of its time is missed, s. */
    private const LATE_S = 60.0;

    private const DAY_MIN = 1440.0;

    /**
     * @param  non-empty-list<float>  $minutes  of the day, rising
     * @param  float  $lengthS  of one
     * @param  float  $mlPerMin  what the head gives
     * @param  float|null  $capMl  in any 24 h; null: none, which the checker objects to
     */
    public function __construct(
        public array $minutes,
        public float $lengthS,
        public float $mlPerMin,
        public ?float $capMl,
    ) {
    }

    public function kind(): string
    {
        return 'pulse';
    }

    public function limits(): array
    {
        return [];
    }

    /** Of one pulse, mL. */
    public function pulseMl(): float
    {
        return ($this->mlPerMin * $this->lengthS) / 60;
    }

    /** Of a whole day, mL: no more than its cap. */
    public function mlDay(): float
    {
        return min($this->capMl ?? INF, count($this->minutes) * $this->pulseMl());
    }

    public function untilS(Moment $now, Memory $own): float
    {
        $ends = $own->sinceS === null ? INF : $own->sinceS + $this->lengthS - $now->atS;
        $next = self::DAY_MIN + $this->minutes[0];
        foreach ($this->minutes as $minute) {
            if ($minute > $now->minute) {
                $next = $minute;
                break;
            }
        }

        return min($ends, ($next - $now->minute) * 60);
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        if ($own->sinceS !== null && $now->atS - $own->sinceS < $this->lengthS) {
            $own->before = $now;

            return 1.0;
        }
        $own->sinceS = null;
        foreach ($this->due($now, $own) as $key => $lateS) {
            $own->given[$key] = true;
            $isTooMuch = $this->capMl !== null && $own->within24h($now->atS) + $this->pulseMl() > $this->capMl + 1e-9;
            if ($lateS > self::LATE_S || $isTooMuch) {
                $own->dropped++;

                continue;
            }
            $own->amounts[] = ['atS' => $now->atS, 'amount' => $this->pulseMl()];
            $own->sinceS = $now->atS;
            break;
        }
        $own->before = $now;

        return $own->sinceS === null ? 0.0 : 1.0;
    }

    /**
     * Pulses that should have begun by now and did not: of this date since the moment before, and of the date before it.
     *
     * @return array<string, float> how late, s; in an hour the clock skips they are due at its end
     */
    private function due(Moment $now, Memory $own): array
    {
        $before = $own->before;
        if ($before === null) {
            // What lies before the first look is nobody's fault.
            foreach ($this->minutes as $number => $minute) {
                $own->given += $minute < $now->minute ? ["{$now->day}#{$number}" => true] : [];
            }
            $before = $now;
        }
        $isNewDay = $before->day !== $now->day;
        if ($isNewDay) {
            $days = [$before->day, $now->day];
            $own->given = array_filter($own->given, fn (string $key): bool => in_array((int) $key, $days, true), ARRAY_FILTER_USE_KEY);
        }
        $skippedS = $isNewDay ? 0.0 : max(0.0, ($now->minute - $before->minute) * 60 - ($now->atS - $before->atS));
        $due = [];
        foreach ($this->minutes as $number => $minute) {
            if ($isNewDay) {
                $due["{$before->day}#{$number}"] = (self::DAY_MIN - $minute + $now->minute) * 60;
            }
            if ($minute <= $now->minute) {
                $due["{$now->day}#{$number}"] = max(0.0, ($now->minute - $minute) * 60 - $skippedS);
            }
        }

        return array_diff_key($due, $own->given);
    }
}
