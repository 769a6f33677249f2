<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Something that rides: upright, turned about the vertical only. */
final readonly class Cargo
{
    /**
     * @param  int  $leaves  the lower, the sooner it is needed outside
     * @param  bool  $isAlive  nothing stands on it, and it is reached without unloading
     *
     * @throws OutOfRange
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $kg,
        public int $leaves = 0,
        public bool $isAlive = false,
        public bool $bears = false,
    ) {
        foreach (['lengthMm' => $lengthMm, 'widthMm' => $widthMm, 'heightMm' => $heightMm, 'kg' => $kg] as $field => $value) {
            Guard::positive("{$id}.{$field}", $value);
        }
    }
}
