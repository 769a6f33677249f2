<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

/** Plain geometry of an outline seen from above, mm. */
final class Outline
{
    /** Pieces of a full circle: within 0.1 % of its area. */
    private const PIECES = 96;

    /**
     * @return non-empty-list<array{0: float, 1: float}> points from one angle to the other, both included; angles in radians from
     *     the x axis
     */
    public static function arc(float $centreX, float $centreY, float $radiusMm, float $from, float $to): array
    {
        $pieces = max(1, (int) ceil((self::PIECES * ($to - $from)) / (2 * M_PI)));

        return array_map(
            fn (int $i): array => [
                $centreX + $radiusMm * cos($from + (($to - $from) * $i) / $pieces),
                $centreY + $radiusMm * sin($from + (($to - $from) * $i) / $pieces),
            ],
            range(0, $pieces),
        );
    }

    /**
     * What of a line from left to right lies inside: a ray to the right crosses the outline an odd number of times from there.
     *
     * @param  non-empty-list<array{0: float, 1: float}>  $corners
     * @return list<array{0: float, 1: float}> from, included, and to, rising
     */
    public static function stretches(array $corners, float $y): array
    {
        $crossed = [];
        [$x0, $y0] = $corners[count($corners) - 1];
        foreach ($corners as [$x1, $y1]) {
            if ($y1 > $y !== $y0 > $y) {
                $crossed[] = (($x0 - $x1) * ($y - $y1)) / ($y0 - $y1) + $x1;
            }
            [$x0, $y0] = [$x1, $y1];
        }
        sort($crossed);

        return array_map(fn (array $pair): array => [$pair[0], $pair[1]], array_chunk($crossed, 2));
    }

    /** @param  non-empty-list<array{0: float, 1: float}>  $corners */
    public static function areaM2(array $corners): float
    {
        $twice = 0.0;
        [$x0, $y0] = $corners[count($corners) - 1];
        foreach ($corners as [$x1, $y1]) {
            $twice += $x0 * $y1 - $x1 * $y0;
            [$x0, $y0] = [$x1, $y1];
        }

        return abs($twice) / 2e6;
    }
}
