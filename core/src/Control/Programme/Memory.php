<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What one rule, guard or outlet remembers between two moments. */
final class Memory
{
    public bool $isOn = false;

    /** Since when a condition has held, a run has lasted, or a delay has counted; null: it does not. */
    public ?float $sinceS = null;

    /** When the last run ended. */
    public ?float $endedS = null;

    /** Somebody has to look before it goes on. */
    public bool $latched = false;

    /** @var array<string, true> pulses given, by day and number */
    public array $given = [];

    /** The moment before. */
    public ?Moment $before = null;

    /** @var list<array{atS: float, amount: float}> when how much was given in the last 24 h */
    public array $amounts = [];

    /** Pulses that were dropped: missed, or above the cap. */
    public int $dropped = 0;

    /** Given within the 24 h before that moment. */
    public function within24h(float $atS): float
    {
        $sum = 0.0;
        $counts = [];
        foreach ($this->amounts as $given) {
            if ($given['atS'] > $atS - 86_400) {
                $sum += $given['amount'];
                $counts[] = $given;
            }
        }
        $this->amounts = $counts;

        return $sum;
    }
}
