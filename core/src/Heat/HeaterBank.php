<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The heaters that stand in a running system, judged as a choice of heaters is (B-41): all on hold the coldest night with a fifth to
 * spare; whatever fails off together leaves the rest above harm; whatever sticks on together takes hours to harm. Heaters on one
 * switch, probe or controller fail together (R-50).
 */
final readonly class HeaterBank
{
    private function __construct(
        /** @var list<Heater> */
        public array $heaters,
        /** Heat needed to hold the set point in the cold room, W. */
        public float $needW,
        public float $totalW,
        public bool $holds,
        /** Watts left when the largest group is off, and what the animals need, W. */
        public float $restW,
        public float $harmNeedW,
        /** Watts of the largest group, and the hours to harm when it sticks on; null: never. */
        public float $stuckW,
        public ?float $stuckOnHours,
        /** More than one heater, and nobody has said what switches them: the worse of both ways is counted. */
        public bool $isSwitchUnknown,
    ) {
    }

    /**
     * @param  list<Heater>  $heaters
     * @param  float  $backgroundW  heat of pumps and lights in the warm case
     *
     * @throws OutOfRange
     */
    public static function of(
        TankHeat $heat,
        array $heaters,
        float $setpointC,
        float $coldRoomC,
        float $warmRoomC,
        float $backgroundW,
        float $lowerHarmC,
        float $upperHarmC,
    ): self {
        Guard::notNegative('backgroundW', $backgroundW);
        $need = max(0.0, $heat->lossW($setpointC, $coldRoomC));
        $total = array_sum(array_map(fn (Heater $h): float => $h->watts, $heaters));
        $isUnknown = self::isSwitchUnknown($heaters);
        // On one switch, until somebody says otherwise: that is the worse way both ways.
        $largest = $isUnknown ? $total : max([0.0, ...array_values(self::groups($heaters))]);
        $stuck = $heat->hotCourse($largest + $backgroundW, $warmRoomC, $setpointC, $upperHarmC);

        return new self(
            heaters: $heaters,
            needW: $need,
            totalW: $total,
            holds: $total >= HeaterChoice::SPARE * $need,
            restW: $total - $largest,
            harmNeedW: max(0.0, $heat->lossW($lowerHarmC, $coldRoomC)),
            stuckW: $largest,
            stuckOnHours: $stuck->hoursToLimit,
            isSwitchUnknown: $isUnknown,
        );
    }

    public function survivesOff(): bool
    {
        return $this->restW >= $this->harmNeedW;
    }

    public function isSafeStuckOn(): bool
    {
        return $this->stuckOnHours === null || $this->stuckOnHours >= HeaterChoice::STUCK_ON_HOURS;
    }

    public function passes(): bool
    {
        return $this->holds && $this->survivesOff() && $this->isSafeStuckOn();
    }

    /**
     * Watts that switch together, by what switches them; one that nobody has described stands alone.
     *
     * @param  list<Heater>  $heaters
     * @return array<string, float>
     */
    public static function groups(array $heaters): array
    {
        $groups = [];
        foreach ($heaters as $i => $heater) {
            $key = $heater->switch === null || $heater->switch === '' ? "alone-{$i}" : "on-{$heater->switch}";
            $groups[$key] = ($groups[$key] ?? 0.0) + $heater->watts;
        }

        return $groups;
    }

    /** @param  list<Heater>  $heaters */
    public static function isSwitchUnknown(array $heaters): bool
    {
        $unknown = array_filter($heaters, fn (Heater $h): bool => $h->switch === null || $h->switch === '');

        return count($heaters) > 1 && $unknown !== [];
    }

    /** "2 × 400 W", "150 + 300 W". */
    public function words(): string
    {
        $counts = array_count_values(array_map(fn (Heater $h): string => (string) round($h->watts), $this->heaters));
        $parts = array_map(
            fn (int|string $watts, int $n): string => $n === 1 ? "{$watts} W" : "{$n} × {$watts} W",
            array_keys($counts),
            array_values($counts),
        );

        return $parts === [] ? 'none' : implode(' + ', $parts);
    }
}
