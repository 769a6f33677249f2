<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * The return stops: the course of the levels in time (B-32). The weir runs on by its own formula to 1 mm, the return line
 * siphons back until the surface meets its open outlet or working break, the pipes empty in the first 5 s. Litres in the
 * display, sump, pipes and on the floor together stay the same at every frame; the last frame is the drain-down's answer.
 */
final class PowerCut
{
    public const STEP_S = 0.25;

    private const PIPES_EMPTY_S = 5.0;

    /** Weir flow under this is counted as ended. */
    private const LAST_MM = 1.0;

    private const FRAMES = 16;

    private const LONGEST_S = 4 * 3600;

    /**
     * @param  float  $displayAreaM2  inside area of the display
     * @param  float  $headMm  water over the weir at the start
     * @param  float  $outletDepthMm  where the back-siphon stops, below the weir edge; negative above it
     * @param  Pipe  $return  the return line, backwards the same resistance
     * @param  float  $dropM  running display surface to return-chamber surface
     * @param  non-empty-list<array{0: float, 1: float}>  $chambers  area m² and running level mm, in flow order
     * @return non-empty-list<PowerCutFrame>
     *
     * @throws OutOfRange
     */
    public static function frames(
        float $displayAreaM2,
        float $headMm,
        Crest $crest,
        float $outletDepthMm,
        Pipe $return,
        float $dropM,
        float $pipesL,
        array $chambers,
        float $rimMm,
    ): array {
        Guard::positive('displayAreaM2', $displayAreaM2);
        Guard::notNegative('headMm', $headMm);
        Guard::positive('dropM', $dropM);
        Guard::notNegative('pipesL', $pipesL);
        $end = -max(0.0, $outletDepthMm);
        $states = self::run($displayAreaM2, $headMm, $crest, -$outletDepthMm, $return, $dropM, $end);
        $last = $states[count($states) - 1];
        $seconds = max(self::PIPES_EMPTY_S, $last[0]);
        $phaseEnds = self::phaseEnds($states, $seconds);
        $times = array_keys($phaseEnds);
        for ($i = 0; $i < self::FRAMES - 1; $i++) {
            $times[] = (int) round((1000 * $seconds * $i) / (self::FRAMES - 1) / 250) * 250;
        }
        $times = array_unique($times);
        sort($times);

        $frames = [];
        foreach ($times as $ms) {
            $second = $ms / 1000;
            $display = $second >= $seconds ? $end : self::levelAt($states, $second, $end);
            $pipes = $pipesL * max(0.0, 1 - $second / self::PIPES_EMPTY_S);
            $down = $displayAreaM2 * ($headMm - $display) + $pipesL - $pipes;
            [$levels, $floor] = self::fill($chambers, $rimMm, $down);
            $frames[] = new PowerCutFrame(
                second: $second,
                phase: $phaseEnds[$ms] ?? '',
                displayMm: $display,
                sumpLevelsMm: $levels,
                displayL: $displayAreaM2 * ($display - $end),
                sumpL: $down - $floor,
                pipesL: $pipes,
                floorL: $floor,
            );
        }

        return $frames;
    }

    /**
     * Steps of a quarter second: [second, level over the edge in mm, siphon running].
     *
     * @return non-empty-list<array{0: float, 1: float, 2: bool}>
     */
    private static function run(
        float $area,
        float $head,
        Crest $crest,
        float $outlet,
        Pipe $return,
        float $drop,
        float $end,
    ): array {
        $level = $head;
        $second = 0.0;
        $siphon = $level > $outlet;
        $velocity = $siphon ? DrainCapacity::siphonVelocityMs($return, $drop) : 0.0;
        $states = [[0.0, $level, $siphon]];
        while ($second < self::LONGEST_S && ($siphon || $level > self::LAST_MM)) {
            $weir = $crest->flowLh($level);
            if ($siphon) {
                // The speed of the step before is near enough to take the friction from.
                $fall = max(0.0, $drop - ($head - $level) / 1000);
                $velocity = sqrt((2 * Pipe::GRAVITY * $fall) / (1 + $return->factor($velocity)));
            }
            $outLs = ($weir + ($siphon ? $return->flowLh($velocity) : 0.0)) / 3600;
            $next = max($end, $level - (self::STEP_S * $outLs) / $area);
            $second += self::STEP_S;
            $siphon = $siphon && $next > $outlet && $next > $end;
            if ($next >= $level && ! $siphon) {
                break;
            }
            $level = $next;
            $states[] = [$second, $level, $siphon];
        }

        return $states;
    }

    /**
     * @param  non-empty-list<array{0: float, 1: float, 2: bool}>  $states
     * @return array<int, string> phases by their end in milliseconds
     */
    private static function phaseEnds(array $states, float $seconds): array
    {
        $ends = [0 => 'pump stops', (int) (1000 * self::PIPES_EMPTY_S) => 'pipes have emptied'];
        $siphonEnd = null;
        $edge = null;
        foreach ($states as $i => [$second, $level, $siphon]) {
            if ($i > 0 && ! $siphon && $states[$i - 1][2]) {
                $siphonEnd = $second;
            }
            if ($edge === null && $level <= 0) {
                $edge = $second;
            }
        }
        if ($edge !== null) {
            $ends[(int) round(1000 * $edge)] = 'weir has stopped';
        }
        if ($siphonEnd !== null) {
            $ends[(int) round(1000 * $siphonEnd)] = 'siphon has broken';
        }
        $ends[(int) round(1000 * $seconds)] = 'all down';

        return $ends;
    }

    /** @param  non-empty-list<array{0: float, 1: float, 2: bool}>  $states */
    private static function levelAt(array $states, float $second, float $end): float
    {
        return $states[(int) round($second / self::STEP_S)][1] ?? $end;
    }

    /**
     * Added water lifts the lowest chamber to the next, then all of them together; what is over the rim is on the floor.
     *
     * @param  non-empty-list<array{0: float, 1: float}>  $chambers
     * @return array{0: list<float>, 1: float}
     */
    private static function fill(array $chambers, float $rim, float $litres): array
    {
        $room = 0.0;
        foreach ($chambers as [$area, $level]) {
            $room += $area * ($rim - $level);
        }
        $floor = max(0.0, $litres - $room);
        $inSump = $litres - $floor;
        $levels = array_column($chambers, 1);
        sort($levels);
        $levels[] = $rim;
        $surface = $levels[0];
        foreach (array_slice($levels, 1) as $next) {
            $area = 0.0;
            foreach ($chambers as [$a, $level]) {
                $area += $level <= $surface + 1e-12 ? $a : 0.0;
            }
            $takes = $area * ($next - $surface);
            if ($inSump <= $takes) {
                $surface += $area > 0 ? $inSump / $area : 0.0;
                $inSump = 0.0;
                break;
            }
            $inSump -= $takes;
            $surface = $next;
        }

        return [array_map(fn (array $c): float => max($c[1], $surface), $chambers), $floor];
    }
}
