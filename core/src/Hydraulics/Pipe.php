<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A run of round pipe and what it costs the water to pass: friction and fittings. */
final readonly class Pipe
{
    public const GRAVITY = 9.81;

    /** Sea water near 25 °C, m²/s. */
    public const VISCOSITY_M2S = 0.95e-6;

    /** Smooth plastic pipe, mm. */
    public const ROUGHNESS_MM = 0.0015;

    private function __construct(
        public float $innerMm,
        public float $lengthM,
        public float $sumK,
        public float $viscosityM2s,
        public float $roughnessMm,
    ) {
    }

    /**
     * @param  float  $sumK  sum of the fittings' loss factors, exit included where it applies
     *
     * @throws OutOfRange
     */
    public static function of(
        float $innerMm,
        float $lengthM,
        float $sumK,
        float $viscosityM2s = self::VISCOSITY_M2S,
        float $roughnessMm = self::ROUGHNESS_MM,
    ): self {
        return new self(
            Guard::positive('innerMm', $innerMm),
            Guard::notNegative('lengthM', $lengthM),
            Guard::notNegative('sumK', $sumK),
            Guard::positive('viscosityM2s', $viscosityM2s),
            Guard::notNegative('roughnessMm', $roughnessMm),
        );
    }

    public function withSumK(float $sumK): self
    {
        return self::of($this->innerMm, $this->lengthM, $sumK, $this->viscosityM2s, $this->roughnessMm);
    }

    public function boreM2(): float
    {
        return (M_PI / 4) * ($this->innerMm / 1000) ** 2;
    }

    /** Darcy friction factor: 64/Re below Re 2300, else Swamee–Jain. */
    public function friction(float $velocityMs): float
    {
        $reynolds = ($velocityMs * $this->innerMm) / 1000 / $this->viscosityM2s;
        if ($reynolds <= 0) {
            return 0.0;
        }

        return $reynolds < 2300
            ? 64 / $reynolds
            : 0.25 / log10($this->roughnessMm / $this->innerMm / 3.7 + 5.74 / $reynolds ** 0.9) ** 2;
    }

    /** Loss of head at that speed, m: (ΣK + f·l/D)·v²/2g. */
    public function lossM(float $velocityMs): float
    {
        return ($this->factor($velocityMs) * $velocityMs ** 2) / (2 * self::GRAVITY);
    }

    /** ΣK + f·l/D at that speed. */
    public function factor(float $velocityMs): float
    {
        return $this->sumK + ($this->friction($velocityMs) * $this->lengthM * 1000) / $this->innerMm;
    }

    public function flowLh(float $velocityMs): float
    {
        return $velocityMs * $this->boreM2() * 3.6e6;
    }

    public function velocityMs(float $flowLh): float
    {
        return $flowLh / 3.6e6 / $this->boreM2();
    }
}
