<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/**
 * How fast a value goes: against what it was half an hour ago, so that a probe that steps to and fro goes nowhere. Unknown until it
 * has been followed for so long without a gap.
 */
final class Pace
{
    /** What it is compared with lies so far back, s. */
    private const BACK_S = 1800.0;

    /** Between two that are kept, s. */
    private const EVERY_S = 300.0;

    /** Longer unheard it begins anew, s. */
    private const GAP_S = 900.0;

    /** @param  list<array{0: float, 1: float}>  $points  moment and value, rising in time; the first half an hour old, once there is one */
    private function __construct(private array $points, private float $lastS)
    {
    }

    public static function begun(): self
    {
        return new self([], -INF);
    }

    /** @param  array{points: list<array{0: float, 1: float}>, lastS: float}  $kept  as kept() gave it */
    public static function from(array $kept): self
    {
        return new self($kept['points'], $kept['lastS']);
    }

    /** @return array{points: list<array{0: float, 1: float}>, lastS: float} */
    public function kept(): array
    {
        return ['points' => $this->points, 'lastS' => $this->lastS];
    }

    /** What comes later than a newer one is left out. */
    public function see(float $atS, float $value): void
    {
        if ($atS < $this->lastS) {
            return;
        }
        if ($atS - $this->lastS > self::GAP_S) {
            $this->points = [];
        }
        $this->lastS = $atS;
        $newest = $this->points === [] ? -INF : $this->points[count($this->points) - 1][0];
        if ($atS - $newest >= self::EVERY_S) {
            $this->points[] = [$atS, $value];
        }
        while (isset($this->points[1]) && $this->points[1][0] <= $atS - self::BACK_S) {
            array_shift($this->points);
        }
    }

    /** Units an hour, up or down, for a value read at that moment; null: nobody can say yet. */
    public function perH(float $atS, float $value): ?float
    {
        if ($this->points === [] || $atS - $this->lastS > self::GAP_S) {
            return null;
        }
        $sinceS = $atS - $this->points[0][0];

        return $sinceS < self::BACK_S ? null : (($value - $this->points[0][1]) * 3600) / $sinceS;
    }
}
