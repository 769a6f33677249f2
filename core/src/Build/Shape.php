<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One piece of a drawing in mm, y downwards. Painters colour it by its role. */
final readonly class Shape
{
    /** @param  list<array{0: float, 1: float}>  $points two or more corners */
    private function __construct(
        /** rect, line or area */
        public string $kind,
        /** glass, water, sand, rock, stand, floor, pipe, weir, baffle, pump, light, reservoir, level, cut, break */
        public string $role,
        public array $points,
        /** Width of a line to scale, mm; 0 for a hairline. */
        public float $widthMm,
        /** Name of a water body whose surface moves. */
        public ?string $key,
    ) {
    }

    public static function rect(string $role, float $x, float $y, float $w, float $h, ?string $key = null): self
    {
        return new self('rect', $role, [[$x, $y], [$x + $w, $y + $h]], 0, $key);
    }

    /** @param  list<array{0: float, 1: float}>  $points */
    public static function line(string $role, array $points, float $widthMm = 0): self
    {
        return new self('line', $role, $points, $widthMm, null);
    }

    /** @param  list<array{0: float, 1: float}>  $points */
    public static function area(string $role, array $points): self
    {
        return new self('area', $role, $points, 0, null);
    }
}
