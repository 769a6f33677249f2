<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A day of light with its ramps: how bright when, and what it amounts to (B-51). */
final readonly class LightDay
{
    private function __construct(
        public float $fromH,
        public float $untilH,
        public float $rampH,
        public float $topShare,
    ) {
    }

    /**
     * @param  float  $fromH  hour of the day at which it begins to rise
     * @param  float  $untilH  hour at which it is dark again; may lie past midnight
     * @param  float  $rampH  hours of rising, and of falling
     * @param  float  $topShare  0–1 of full power between the ramps
     *
     * @throws OutOfRange
     */
    public static function of(float $fromH, float $untilH, float $rampH, float $topShare = 1): self
    {
        Guard::within('fromH', $fromH, 0, 24);
        Guard::within('untilH', $untilH, 0, 24);
        $hours = self::lasts($fromH, $untilH);
        Guard::within('rampH', $rampH, 0, $hours / 2);
        Guard::within('topShare', $topShare, 0, 1);

        return new self($fromH, $untilH, $rampH, $topShare);
    }

    private static function lasts(float $from, float $until): float
    {
        return $until > $from ? $until - $from : $until + 24 - $from;
    }

    /** Lit while this one is dark, with the same ramps where the night is long enough for them. Null when there is no night. */
    public function reversed(): ?self
    {
        $night = 24 - $this->hours();

        return $night <= 0
            ? null
            : self::of(fmod($this->untilH, 24), fmod($this->fromH, 24), min($this->rampH, $night / 2), $this->topShare);
    }

    public function hours(): float
    {
        return self::lasts($this->fromH, $this->untilH);
    }

    /** Share of full power at an hour of the day. */
    public function at(float $hour): float
    {
        $since = fmod($hour - $this->fromH + 24, 24);
        $left = $this->hours() - $since;
        if ($left < 0) {
            return 0.0;
        }

        return $this->topShare * ($this->rampH <= 0 ? 1.0 : min(1.0, $since / $this->rampH, $left / $this->rampH));
    }

    /** Hours at full power that give the same light: ∫ share dt. */
    public function fullHours(): float
    {
        return $this->topShare * ($this->hours() - $this->rampH);
    }

    /** Daily light integral, mol/m²/day, where full power gives that PAR. @throws OutOfRange */
    public function integralMol(float $par): float
    {
        return (Guard::notNegative('par', $par) * $this->fullHours() * 3600) / 1e6;
    }
}
