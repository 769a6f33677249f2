<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A change out of the sump with the system running: how much may go out, and come back, at once (W-35). */
final readonly class SumpChange
{
    /** Of the spare above the running level that a refill may use. */
    public const USABLE_SPARE = 0.85;

    private function __construct(public float $outL, public float $backL)
    {
    }

    /**
     * @param  float  $usableL  sump water above the pumps' lowest level
     * @param  float  $spareL  room above the running level
     * @param  float  $downL  what a power cut brings down
     *
     * @throws OutOfRange
     */
    public static function of(float $usableL, float $spareL, float $downL): self
    {
        return new self(
            Guard::notNegative('usableL', $usableL),
            max(0.0, self::USABLE_SPARE * Guard::notNegative('spareL', $spareL) - Guard::notNegative('downL', $downL)),
        );
    }

    /** Portions of that many litres, one after the other, out and back. */
    public function portions(float $litres): ?int
    {
        $each = $this->outL;

        return $each > 0 ? (int) ceil($litres / $each - 1e-9) : null;
    }
}
