<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Handle;

/** What can be taken hold of on the drawing, mm. */
final readonly class HandleView
{
    private function __construct(
        public string $field,
        public string $label,
        public float $x,
        public float $y,
        public string $axis,
        public int $sign,
        public float $value,
        public float $least,
        public float $most,
    ) {
    }

    public static function of(Handle $handle): self
    {
        return new self(
            field: $handle->field,
            label: $handle->label,
            x: $handle->x,
            y: $handle->y,
            axis: $handle->axis,
            sign: $handle->sign,
            value: $handle->valueMm,
            least: $handle->leastMm,
            most: $handle->mostMm,
        );
    }
}
