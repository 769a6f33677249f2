<?php

declare(strict_types=1);

namespace App\Build\Views;

final readonly class ChamberView
{
    private function __construct(public string $name, public ?float $lengthMm, public ?float $baffleMm)
    {
    }

    /** @param  array<array-key, mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (mixed $v): ?float => is_int($v) || is_float($v) ? (float) $v : null;

        return new self(
            is_string($row['name'] ?? null) ? $row['name'] : '',
            $number($row['lengthMm'] ?? null),
            $number($row['baffleMm'] ?? null),
        );
    }
}
