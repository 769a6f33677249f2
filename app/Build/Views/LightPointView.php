<?php

declare(strict_types=1);

namespace App\Build\Views;

/** One reading of a light meter as typed. */
final readonly class LightPointView
{
    private function __construct(public string $name, public ?float $xMm, public ?float $yMm, public ?float $depthMm, public ?float $par)
    {
    }

    /** @param  array<array-key, mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (string $key): ?float => is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? (float) $row[$key] : null;

        return new self(is_string($row['name'] ?? null) ? $row['name'] : '', $number('xMm'), $number('yMm'), $number('depthMm'), $number('par'));
    }
}
