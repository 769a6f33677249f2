<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** A probe as a programme reads it, with what its readings of late say about the day. */
final readonly class Probe
{
    /** Fewer days of readings say nothing about a usual day. */
    public const DAYS_NEEDED = 7.0;

    /**
     * @param  string  $quantity  temperature, ph, salinity, level …
     * @param  float  $resolution  its step, in the unit of the quantity
     * @param  float|null  $drift  how far it may be off between two calibrations; null: as usual for its kind
     * @param  float|null  $overdueDays  since it should have been calibrated; below 0: not yet; null: nobody has said
     * @param  float|null  $dailyLow  second percentile of the last fortnight
     * @param  float|null  $dailyHigh  98th percentile
     * @param  float  $historyDays  how many days these rest on
     * @param  string|null  $water  the water it hangs in; null: nobody has said
     */
    public function __construct(
        public string $id,
        public string $quantity,
        public float $resolution,
        public ?float $drift = null,
        public ?float $overdueDays = null,
        public ?float $dailyLow = null,
        public ?float $dailyHigh = null,
        public float $historyDays = 0.0,
        public ?string $water = null,
    ) {
    }

    /** How far a guard has to keep from the usual day: 0.1 pH, 0.3 °C, or what is known, and two steps. */
    public function margin(): float
    {
        $usual = match ($this->quantity) {
            'ph' => 0.1,
            'temperature' => 0.3,
            default => 0.0,
        };

        return ($this->drift ?? $usual) + 2 * $this->resolution;
    }

    public function knowsItsDay(): bool
    {
        return $this->historyDays >= self::DAYS_NEEDED && $this->dailyLow !== null && $this->dailyHigh !== null;
    }
}
