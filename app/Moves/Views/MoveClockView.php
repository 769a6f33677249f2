<?php

declare(strict_types=1);

namespace App\Moves\Views;

/**
 * How long the animals of a box are in it, against how long it lasts, min from the beginning of the day; or of damp rock, how long it is
 * out; or of glue, until when it cures.
 */
final readonly class MoveClockView
{
    public const BOX = 'box';

    /** @param  string  $kind  box, rock or glue */
    public function __construct(
        public string $label,
        public float $fromMin,
        public float $untilMin,
        public float $lastsMin,
        public string $kind = self::BOX,
    ) {
    }
}
