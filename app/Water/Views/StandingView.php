<?php

declare(strict_types=1);

namespace App\Water\Views;

use App\Water\WaterBatch;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** Mixed water that stands. */
final readonly class StandingView
{
    private function __construct(public int $id, public string $litres, public string $mix, public string $salinity, public string $state, public string $until, public ?string $for, public bool $measured)
    {
    }

    public static function of(WaterBatch $b, Units $units): self
    {
        $state = match (true) {
            $b->usableUntil()->isPast() => 'too old: for rinsing only', $b->usableFrom()->isFuture() => 'still mixing', $b->measured_salinity === null => 'to be measured', default => 'ready',
        };

        return new self(
            $b->id, $units->show(Quantity::of($b->left_l, Kind::Volume)), (string) $b->mix?->name, $units->show(Quantity::of($b->measured_salinity ?? $b->salinity, Kind::Salinity)), $state,
            $b->usableUntil()->toIso8601ZuluString(), $b->for, $b->measured_salinity !== null,
        );
    }
}
