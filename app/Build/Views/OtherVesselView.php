<?php

declare(strict_types=1);

namespace App\Build\Views;

/** A further vessel as typed. */
final readonly class OtherVesselView
{
    private function __construct(public string $name, public ?float $lengthMm, public ?float $widthMm, public ?float $heightMm, public ?float $wallMm, public ?float $waterMm, public ?float $bottomMm, public ?float $downMm, public bool $ownPump)
    {
    }

    /** @param  array<array-key, mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (string $key): ?float => is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? (float) $row[$key] : null;

        return new self(is_string($row['name'] ?? null) ? $row['name'] : '', $number('lengthMm'), $number('widthMm'), $number('heightMm'), $number('wallMm'), $number('waterMm'), $number('bottomMm'), $number('downMm'), ($row['ownPump'] ?? false) === true);
    }
}
