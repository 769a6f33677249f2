<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\Hole;

/** One hole as typed, or as proposed. */
final readonly class HoleView
{
    private function __construct(public string $name, public string $pane, public ?float $xMm, public ?float $yMm, public ?float $diameterMm)
    {
    }

    /** @param  array<array-key, mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (string $key): ?float => is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? (float) $row[$key] : null;

        return new self(is_string($row['name'] ?? null) ? $row['name'] : '', is_string($row['pane'] ?? null) ? $row['pane'] : 'back', $number('xMm'), $number('yMm'), $number('diameterMm'));
    }

    public static function proposed(Hole $hole): self
    {
        return new self($hole->name, $hole->pane->value, $hole->xMm, $hole->yMm, $hole->diameterMm);
    }
}
