<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** The RO tank through a day that runs as soon as it can: filled at the plant's rate, stopped when full, drawn from. */
final class RoTank
{
    private float $clockH;

    /** When the last draw ended, hours from now. */
    public float $lastDrawH = 0.0;

    public function __construct(private readonly Station $station, private float $levelL)
    {
        $this->clockH = $station->flushH;
    }

    /** The earliest moment from then on at which a filling of that size may begin: what stands, at most a full tank. */
    public function readyFor(float $litres, float $fromH): float
    {
        $needs = min($litres, $this->station->roTankL) - $this->levelL;

        return $needs <= 0 ? $fromH : max($fromH, $this->clockH + $needs / $this->station->roLh());
    }

    /** Draws from then on, taking at least that long; @return when the last litre has run. */
    public function draw(float $litres, float $fromH, float $leastH): float
    {
        $from = $this->readyFor($litres, $fromH);
        $this->runTo($from);
        $missing = max(0.0, $litres - $this->levelL);
        $takes = max($leastH, $missing / $this->station->roLh());
        $until = $from + $takes;
        $running = max(0.0, $until - max($this->clockH, $from));
        $this->levelL = max(
            0.0,
            min($this->station->roTankL, $this->levelL + $this->station->roLh() * $running - $litres),
        );
        $this->clockH = max($this->clockH, $until);
        $this->lastDrawH = max($this->lastDrawH, $until);

        return $until;
    }

    private function runTo(float $atH): void
    {
        if ($atH > $this->clockH) {
            $this->levelL = min(
                $this->station->roTankL,
                $this->levelL + $this->station->roLh() * ($atH - $this->clockH),
            );
            $this->clockH = $atH;
        }
    }
}
