<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** Whoever takes the breaker of the wet gear out begins a power cut: its clock runs from then, and the return's water comes down (R-62). */
final class BreakerOff
{
    /** What is said to be done when the breaker is out. */
    public const ACTIONS = ['board-off', 'board-if-wet'];

    /**
     * What comes down besides, and where it goes.
     *
     * @param  float  $downL  with the return, L
     * @param  float  $spareL  what the sump takes, L
     *
     * @throws OutOfRange
     */
    public static function comesDown(float $downL, float $spareL): Sentence
    {
        Guard::notNegative('downL', $downL);
        $parts = [
            'down' => Quantity::of($downL, Kind::Volume),
            'spare' => Quantity::of(max(0.0, $spareL), Kind::Volume),
        ];
        $over = $downL - max(0.0, $spareL);

        return $over > 0
            ? Sentence::of(Phrase::TheReturnStopsAndTheFloorGets, [...$parts, 'over' => Quantity::of($over, Kind::Volume)->apartFrom(0.0)])
            : Sentence::of(Phrase::TheReturnStopsAndTheSumpTakes, $parts);
    }
}
