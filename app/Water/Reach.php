<?php

declare(strict_types=1);

namespace App\Water;

/** What an emergency could ask of the store (W-59). */
final readonly class Reach
{
    /** @param  list<float>  $emergencySharesL */
    public function __construct(public float $largestSystemL, public array $emergencySharesL)
    {
    }
}
