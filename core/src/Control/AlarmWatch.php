<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * One alarm over time: raised when its condition has held for the delay, cleared when it has been away for as long and five minutes at
 * least. What comes back within half an hour is the same occurrence. Only measured time counts: a gap neither raises nor clears.
 */
final class AlarmWatch
{
    /** Cleared no sooner than this, s. */
    private const CLEARS_S = 300.0;

    /** Back within so long it is the same occurrence, s. */
    private const SAME_S = 1800.0;

    /** Two looks further apart leave a gap nobody saw into, s. */
    private const GAP_S = 900.0;

    private ?float $lastS = null;

    private ?bool $last = null;

    private float $heldS = 0.0;

    private ?float $clearedS = null;

    private bool $isRaised = false;

    private int $occurrences = 0;

    /** @throws OutOfRange */
    public function __construct(private readonly float $delayS)
    {
        Guard::notNegative('delayS', $delayS);
    }

    /**
     * @param  bool|null  $holds  whether the condition holds; null: nobody can see
     */
    public function see(float $atS, ?bool $holds): ?AlarmTurn
    {
        $sinceS = $this->lastS === null ? 0.0 : $atS - $this->lastS;
        if ($holds === null) {
            // What is not seen is not counted, and what was counted before stands.
            $this->lastS = $atS;
            $this->last = null;

            return null;
        }
        $isTurn = $holds !== $this->isRaised;
        if (! $isTurn) {
            $this->heldS = 0.0;
        } elseif ($this->last === $holds && $sinceS <= self::GAP_S) {
            $this->heldS += $sinceS;
        }
        [$this->lastS, $this->last] = [$atS, $holds];
        $needsS = $this->isRaised ? max($this->delayS, self::CLEARS_S) : $this->delayS;
        if (! $isTurn || $this->heldS < $needsS) {
            return null;
        }

        return $this->turn($atS);
    }

    /** s until a condition that goes on holding, or staying away, turns it; INF: nothing counts. */
    public function untilS(): float
    {
        if ($this->last === null || $this->last === $this->isRaised) {
            return INF;
        }

        return ($this->isRaised ? max($this->delayS, self::CLEARS_S) : $this->delayS) - $this->heldS;
    }

    public function isRaised(): bool
    {
        return $this->isRaised;
    }

    public function occurrences(): int
    {
        return $this->occurrences;
    }

    /** @return array{last: bool|null, lastS: float|null, heldS: float, clearedS: float|null, raised: bool, occurrences: int} to be kept */
    public function kept(): array
    {
        return [
            'last' => $this->last,
            'lastS' => $this->lastS,
            'heldS' => $this->heldS,
            'clearedS' => $this->clearedS,
            'raised' => $this->isRaised,
            'occurrences' => $this->occurrences,
        ];
    }

    /** @param  array<array-key, mixed>  $kept  as kept() gave it */
    public static function from(float $delayS, array $kept): self
    {
        /**
         * @var array{last: bool|null, lastS: float|null, heldS: float, clearedS: float|null, raised: bool, occurrences: int} $kept
         */
        $watch = new self($delayS);
        $watch->last = $kept['last'];
        $watch->lastS = $kept['lastS'];
        $watch->heldS = $kept['heldS'];
        $watch->clearedS = $kept['clearedS'];
        $watch->isRaised = $kept['raised'];
        $watch->occurrences = $kept['occurrences'];

        return $watch;
    }

    private function turn(float $atS): AlarmTurn
    {
        $this->heldS = 0.0;
        $this->isRaised = ! $this->isRaised;
        if (! $this->isRaised) {
            $this->clearedS = $atS;

            return AlarmTurn::Cleared;
        }
        $isSame = $this->clearedS !== null && $atS - $this->clearedS <= self::SAME_S;
        if ($isSame) {
            return AlarmTurn::Again;
        }
        $this->occurrences++;

        return AlarmTurn::Raised;
    }
}
