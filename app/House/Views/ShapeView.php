<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Shape;

final readonly class ShapeView
{
    /** @param  list<array{0: float, 1: float}>  $points */
    private function __construct(
        public string $kind,
        public string $role,
        public array $points,
        public float $width,
        public ?string $key,
    ) {
    }

    public static function of(Shape $shape): self
    {
        return new self(
            $shape->kind,
            $shape->role,
            array_map(fn (array $p): array => [round($p[0], 2), round($p[1], 2)], $shape->points),
            $shape->widthMm,
            $shape->key,
        );
    }
}
