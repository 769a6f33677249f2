<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

/** Readings of one meter on one day, and how two such series stand to each other where they read the same points (B-52). */
final readonly class LightSeries
{
    /** Two readings within this were of one point, mm. */
    private const SAME_MM = 10.0;

    /** @param  non-empty-list<array{0: float, 1: float, 2: float, 3: float}>  $points  x, y, depth, and what was read at full power */
    public function __construct(public string $meter, public string $day, public array $points)
    {
    }

    /**
     * This one by the other, at the points both read.
     *
     * @return array{0: float, 1: int}|null mean ratio and number of points; null when they share none
     */
    public function against(self $other): ?array
    {
        $ratios = [];
        foreach ($this->points as [$x, $y, $depth, $par]) {
            foreach ($other->points as [$ox, $oy, $oDepth, $oPar]) {
                if (
                    $oPar > 0 &&
                    abs($x - $ox) < self::SAME_MM &&
                    abs($y - $oy) < self::SAME_MM &&
                    abs($depth - $oDepth) < self::SAME_MM
                ) {
                    $ratios[] = $par / $oPar;
                    break;
                }
            }
        }

        return $ratios === [] ? null : [array_sum($ratios) / count($ratios), count($ratios)];
    }
}
