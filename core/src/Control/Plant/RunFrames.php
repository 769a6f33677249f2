<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\SumpChamber;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Hydraulics\PowerCutFrame;

/** Where surfaces stand at each moment of a run, for the drawing: the display over its edge, the sump chamber by chamber. */
final class RunFrames
{
    /**
     * @param  list<array<string, float|null>>  $trace
     * @return list<PowerCutFrame> one for each point; none where the run has no sump
     */
    public static function of(Facts $facts, array $trace): array
    {
        if (! SumpWater::isDescribed($facts)) {
            return [];
        }
        $sump = SumpWater::of($facts);
        $intakeMm = $sump->pumpMinMm();
        $last = $sump->returnChamber();
        $frames = [];
        foreach ($trace as $point) {
            if (! isset($point['sumpMm'], $point['displayMm'])) {
                return [];
            }
            $lastMm = $intakeMm + $point['sumpMm'];
            $frames[] = new PowerCutFrame(
                second: $point['atS'] ?? 0.0,
                phase: '',
                displayMm: $point['displayMm'],
                // A baffle that is drowned parts nothing any more.
                sumpLevelsMm: array_map(
                    fn (SumpChamber $c): float => $c === $last ? $lastMm : max($c->levelMm, $lastMm),
                    $sump->chambers,
                ),
                displayL: 0.0,
                sumpL: 0.0,
                pipesL: 0.0,
                floorL: $point['floorL'] ?? 0.0,
            );
        }

        return $frames;
    }
}
