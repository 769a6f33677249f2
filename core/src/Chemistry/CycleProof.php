<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/**
 * Whether a new system's bacteria are proved (C-31): a dose of ammonia that is gone within a day, with nitrite at nothing, twice. It is
 * shown by readings, not by days gone by. An overdose stalls it, and the remedy is dilution.
 */
final readonly class CycleProof
{
    /** Cleared doses asked for. */
    public const TIMES = 2;

    /** From here on a reading shows a dose, mg/L as N. */
    public const DOSED_MG_L = 1.0;

    /** Above this the bacteria stall, mg/L as N. */
    public const STALLS_MG_L = 5.0;

    /** What is aimed at when it must be diluted, mg/L as N. */
    public const DOSE_AT_MOST_MG_L = 2.0;

    /** What a kit calls nothing: one step of its scale. */
    private const AMMONIA_NOTHING_MG_L = 0.1;

    private const NITRITE_NOTHING_MG_L = 0.05;

    private const DAY = 1.0;

    /** Both are read at one visit. */
    private const TOGETHER_DAYS = 0.25;

    private function __construct(
        public bool $isProved,
        /** Doses seen to clear. */
        public int $cleared,
        /** Part of the water to change so that it works again; null while it is not overdosed. */
        public ?float $dilute,
    ) {
    }

    /**
     * @param  list<Reading>  $ammonia  total, mg/L as N
     * @param  list<Reading>  $nitrite  mg/L
     */
    public static function of(array $ammonia, array $nitrite): self
    {
        $ammonia = self::inTime($ammonia);
        $nitrite = self::inTime($nitrite);
        $cleared = 0;
        $dosedOn = null;
        foreach ($ammonia as $reading) {
            if ($reading->value >= self::DOSED_MG_L) {
                // The day counts from the first reading that showed the dose.
                $dosedOn ??= $reading->day;
            } elseif ($dosedOn !== null && $reading->value <= self::AMMONIA_NOTHING_MG_L) {
                $cleared +=
                    $reading->day - $dosedOn <= self::DAY + 1e-6 && self::isNothing($nitrite, $reading->day) ? 1 : 0;
                $dosedOn = null;
            }
        }
        $last = $ammonia === [] ? 0.0 : $ammonia[count($ammonia) - 1]->value;

        return new self(
            $cleared >= self::TIMES,
            $cleared,
            $last > self::STALLS_MG_L ? 1 - self::DOSE_AT_MOST_MG_L / $last : null,
        );
    }

    /** What the proof still lacks, for the person at the gate; null when nothing. */
    public function lacks(): ?string
    {
        return match (true) {
            $this->isProved => null,
            $this->dilute !== null => sprintf(
                'Ammonia is so high that the bacteria stall: change %d %% of the water, then dose again',
                (int) ceil(100 * $this->dilute),
            ),
            $this->cleared === 1 => 'One dose of ammonia was seen to clear within a day, with nitrite at nothing; the proof asks for two',
            default => 'No dose of ammonia is recorded that cleared within a day with nitrite at nothing; the proof asks for two',
        };
    }

    /** @param  list<Reading>  $nitrite */
    private static function isNothing(array $nitrite, float $day): bool
    {
        foreach ($nitrite as $reading) {
            if (abs($reading->day - $day) <= self::TOGETHER_DAYS) {
                return $reading->value <= self::NITRITE_NOTHING_MG_L;
            }
        }

        return false;
    }

    /**
     * @param  list<Reading>  $readings
     * @return list<Reading> unmarked, the oldest first
     */
    private static function inTime(array $readings): array
    {
        $valid = array_values(array_filter($readings, fn (Reading $r): bool => ! $r->marked));
        usort($valid, fn (Reading $a, Reading $b): int => $a->day <=> $b->day);

        return $valid;
    }
}
