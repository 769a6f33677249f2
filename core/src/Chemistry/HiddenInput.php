<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A thing in use that pushes a value the way it is already leaving its band: food with phosphate, a mix with bacteria (X-35). */
final readonly class HiddenInput
{
    /**
     * @param  string  $product  as the company calls it
     * @param  bool  $raises  false: it lowers
     */
    public function __construct(public string $product, public Measured $parameter, public bool $raises)
    {
    }

    /** Null while it does not work against the system. */
    public function against(Standing $standing, ?float $slopePerDay, bool $steady, ?float $daysToLeave): ?Finding
    {
        $high = $standing === Standing::High || $standing === Standing::ActHigh;
        $low = $standing === Standing::Low || $standing === Standing::ActLow;
        $leaving = ! $steady && $daysToLeave !== null && $daysToLeave <= ReadingFinding::SOON_DAYS;
        $worse = $this->raises ? $high || ($leaving && $slopePerDay > 0) : $low || ($leaving && $slopePerDay < 0);
        $parts = ['product' => $this->product, 'name' => lcfirst($this->parameter->label())];

        return $worse
            ? Finding::of(
                Severity::Watch,
                'X-35',
                $this->parameter->key(),
                Sentence::of($this->raises ? Phrase::AddsTo : Phrase::TakesFrom, $parts),
                Sentence::of(
                    $this->raises ? Phrase::IsAlreadyHighOrRising : Phrase::IsAlreadyLowOrFalling,
                    ['name' => $this->parameter->label()],
                ),
                Sentence::of(Phrase::GiveLessOf),
                Basis::Rated,
            )
            : null;
    }
}
