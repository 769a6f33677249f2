<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Link;

/** What a probe of that kind can read at all; beyond it, it is broken, dry or forged. */
final class Plausible
{
    private const RANGES = [
        'temperature' => [-5.0, 60.0],
        'ph' => [2.0, 12.0],
        'salinity' => [0.0, 60.0],
        'oxygen' => [0.0, 25.0],
        'level' => [-2000.0, 5000.0],
    ];

    public static function is(?string $quantity, float $value): bool
    {
        [$least, $most] = self::RANGES[$quantity ?? ''] ?? [-1e6, 1e6];

        return $value >= $least && $value <= $most;
    }
}
