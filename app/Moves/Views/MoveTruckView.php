<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Moves\Load\Cargo;
use Velbrin\Core\Moves\Load\Fleet;
use Velbrin\Core\Moves\Load\Stowage;
use Velbrin\Core\Moves\Load\Straps;
use Velbrin\Core\Moves\Load\Vehicle;

/** The truck from above, to scale, mm from its bulkhead and its left side. */
final readonly class MoveTruckView
{
    /**
     * @param  list<StowedView>  $stowed
     * @param  list<string>  $left
     */
    private function __construct(
        public string $label,
        public bool $isHired,
        public float $lengthMm,
        public float $widthMm,
        public array $stowed,
        public array $left,
        public float $kg,
        public float $payloadKg,
        public ?float $frontKg,
        public ?float $rearKg,
        public float $leftPercent,
        public int $straps,
        public ?float $oldMostL,
    ) {
    }

    /** @return list<self> of all that drive; what old water all of them may take stands at the first */
    public static function all(Fleet $fleet, ?float $oldMostL): array
    {
        $views = [];
        foreach ($fleet->vehicles as $n => $vehicle) {
            $views[] = self::of($vehicle, $fleet->stowages[$n], $n === 0 ? $oldMostL : null);
        }

        return $views;
    }

    private static function of(Vehicle $vehicle, Stowage $stowage, ?float $oldMostL): self
    {
        $truck = $vehicle->truck;
        $load = $stowage->kg - $truck->crewKg;

        return new self(
            label: $vehicle->label,
            isHired: $vehicle->isHired,
            lengthMm: $truck->lengthMm,
            widthMm: $truck->widthMm,
            stowed: array_map(StowedView::of(...), $stowage->stowed),
            left: array_map(fn (Cargo $c): string => $c->label, $stowage->left),
            kg: $stowage->kg,
            payloadKg: $truck->payloadKg,
            frontKg: $stowage->frontKg,
            rearKg: $stowage->rearKg,
            leftPercent: 100 * $stowage->leftShare,
            straps: $load > 0 ? Straps::count($load) : 0,
            oldMostL: $oldMostL,
        );
    }
}
