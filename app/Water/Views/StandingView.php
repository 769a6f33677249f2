<?php

declare(strict_types=1);

namespace App\Water\Views;

use App\Water\WaterBatch;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;

/** Mixed water that stands. */
final readonly class StandingView
{
    private function __construct(
        public int $id,
        public string $litres,
        public string $mix,
        public string $salinity,
        public string $state,
        public string $until,
        public ?string $for,
        public bool $measured,
    ) {
    }

    public static function of(WaterBatch $b, Units $units): self
    {
        $readiness = $b->readiness();
        $missing = implode('; ', array_map(fn (Sentence $m): string => $m->in($units), $readiness->missing));
        $can =
            $readiness->readyInH === null || $readiness->readyInH <= 0
                ? ''
                : ', ready in '.$units->show(Quantity::of($readiness->readyInH, Kind::Hours)).' at the soonest';
        $state = $readiness->isReady() ? 'ready' : $missing.$can;

        return new self(
            id: $b->id,
            litres: $units->show(Quantity::of($b->left_l, Kind::Volume)),
            mix: (string) $b->mix?->name,
            salinity: $units->show(Quantity::of($b->measured_salinity ?? $b->salinity, Kind::Salinity)),
            state: $state,
            until: $b->usableUntil()->toIso8601ZuluString(),
            for: $b->for,
            measured: $b->measured_salinity !== null,
        );
    }
}
