<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** n equal heaters, judged three ways (B-41). */
final readonly class HeaterSet
{
    public function __construct(
        public int $count,
        public float $wattsEach,
        /** All on, against the need with 20 % spare. */
        public bool $holds,
        /** One failed off: does the rest keep the water above the lower harm limit? */
        public bool $survivesOneOff,
        /** One stuck on: hours from set point to the upper harm limit; null when it never gets there. */
        public ?float $stuckOnHours,
        public ?float $stuckOnSettlesC,
        public bool $safeStuckOn,
        /** Power with all on divided by the need at set point (a need under 1 W counts as 1). */
        public float $reserve,
        /** Heat with one off less what 18 °C needs, W. */
        public float $oneOffSpareW,
    ) {
    }

    public function passes(): bool
    {
        return $this->holds && $this->survivesOneOff && $this->safeStuckOn;
    }

    /** Why it is out, the first reason met from the cold side on; null where it passes. */
    public function against(): ?Sentence
    {
        return match (true) {
            ! $this->holds => Sentence::of(Phrase::TooLittleAllOnGive, [
                'share' => Quantity::of(100 * $this->reserve, Kind::Percent),
            ]),
            ! $this->survivesOneOff => Sentence::of(Phrase::OneFailedOffLeavesTooLittle, [
                'lack' => Quantity::of(-$this->oneOffSpareW, Kind::Power),
            ]),
            ! $this->safeStuckOn => Sentence::of(Phrase::OneStuckOnReachesHarm, [
                'hours' => Quantity::of($this->stuckOnHours ?? 0.0, Kind::Hours),
            ]),
            default => null,
        };
    }

    /** Which border it lies beyond: "low", "one-off", "stuck-on", or nothing. */
    public function border(): ?string
    {
        return match (true) {
            ! $this->holds => 'low',
            ! $this->survivesOneOff => 'one-off',
            ! $this->safeStuckOn => 'stuck-on',
            default => null,
        };
    }

    public function totalW(): float
    {
        return $this->count * $this->wattsEach;
    }
}
