<?php

declare(strict_types=1);

namespace App\Build\Views;

/** One thing for the cabinet as typed. */
final readonly class GearView
{
    private function __construct(public string $name, public ?float $widthMm, public ?float $depthMm, public ?float $heightMm, public ?float $liftMm, public bool $needsAir)
    {
    }

    /** @param  array<array-key, mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (string $key): ?float => is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? (float) $row[$key] : null;

        return new self(is_string($row['name'] ?? null) ? $row['name'] : '', $number('widthMm'), $number('depthMm'), $number('heightMm'), $number('liftMm'), ($row['needsAir'] ?? false) === true);
    }
}
