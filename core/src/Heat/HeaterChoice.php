<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Heaters as an interval, not a rule of thumb (B-41): all on hold the set point on the coldest night with a fifth to
 * spare; one failed off leaves the rest above the lower harm limit; one stuck on takes hours to reach the upper one.
 */
final readonly class HeaterChoice
{
    /** Sizes the trade sells, W. */
    public const SIZES_W = [50, 75, 100, 150, 200, 250, 300, 400, 500, 600, 800, 1000, 1500, 2000];

    public const SPARE = 1.2;

    public const STUCK_ON_HOURS = 6.0;

    private const MOST_HEATERS = 6;

    /** @param  list<HeaterSet>  $sets every combination looked at, fewest heaters and watts first */
    private function __construct(
        /** Heat needed to hold the set point in the cold room, W; not below 0. */
        public float $needW,
        /** Heat needed to hold the lower harm limit there, W. */
        public float $harmNeedW,
        public ?HeaterSet $chosen,
        public array $sets,
    ) {
    }

    /**
     * @param  float  $backgroundW  heat of pumps and lights in the warm case
     *
     * @throws OutOfRange
     */
    public static function of(
        TankHeat $heat,
        float $setpointC,
        float $coldRoomC,
        float $warmRoomC,
        float $backgroundW,
        float $lowerHarmC = 18,
        float $upperHarmC = 30,
    ): self {
        Guard::within('setpointC', $setpointC, $lowerHarmC, $upperHarmC);
        Guard::notNegative('backgroundW', $backgroundW);
        $need = max(0.0, $heat->lossW($setpointC, $coldRoomC));
        $harmNeed = max(0.0, $heat->lossW($lowerHarmC, $coldRoomC));
        // One of them stuck on: how many there are beside it changes nothing.
        $stuckOn = array_map(
            fn (int $watts): TemperatureCourse => $heat->hotCourse($watts + $backgroundW, $warmRoomC, $setpointC, $upperHarmC),
            self::SIZES_W,
        );
        $sets = [];
        $chosen = null;
        for ($count = 1; $count <= self::MOST_HEATERS; $count++) {
            foreach (self::SIZES_W as $size => $watts) {
                $set = self::judge($count, $watts, $need, $harmNeed, $stuckOn[$size]);
                $sets[] = $set;
                if (
                    $set->passes() &&
                    ($chosen === null || ($set->totalW() < $chosen->totalW() - 1e-9 && $set->count === $chosen->count))
                ) {
                    $chosen = $set;
                }
            }
        }

        return new self($need, $harmNeed, $chosen, $sets);
    }

    private static function judge(int $count, float $watts, float $need, float $harmNeed, TemperatureCourse $stuck): HeaterSet
    {
        return new HeaterSet(
            count: $count,
            wattsEach: $watts,
            holds: $count * $watts >= self::SPARE * $need,
            survivesOneOff: ($count - 1) * $watts >= $harmNeed,
            stuckOnHours: $stuck->hoursToLimit,
            stuckOnSettlesC: $stuck->settlesC,
            safeStuckOn: $stuck->hoursToLimit === null || $stuck->hoursToLimit >= self::STUCK_ON_HOURS,
            reserve: ($count * $watts) / max($need, 1.0),
            oneOffSpareW: ($count - 1) * $watts - $harmNeed,
        );
    }
}
