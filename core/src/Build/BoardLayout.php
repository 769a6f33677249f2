<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** Where each device goes on the equipment board, seen from the front; mm from its upper left corner (B-63). */
final readonly class BoardLayout
{
    /** Free under a power strip, for plugs and their cables. */
    public const PLUGS_MM = 120.0;

    private const EDGE_MM = 20.0;

    private const APART_MM = 15.0;

    private const STEP_MM = 10.0;

    /** Lower right, where cables and tubes leave. */
    public const EXIT_MM = 80.0;

    private const ORDER = ['strip', 'controller', 'driver', 'doser', 'other'];

    /**
     * @param  list<array{row: int, name: string, kind: string, xMm: float, yMm: float, widthMm: float, heightMm: float}>  $standing
     * @param  list<string>  $left  what finds no place
     */
    private function __construct(public float $widthMm, public float $heightMm, public array $standing, public array $left)
    {
    }

    /** @param  list<TableRow>  $rows */
    public static function of(float $widthMm, float $heightMm, array $rows): self
    {
        usort($rows, fn (TableRow $a, TableRow $b): int => [array_search($a->word('kind'), self::ORDER, true), $a->row] <=> [array_search($b->word('kind'), self::ORDER, true), $b->row]);
        $standing = $left = [];
        $taken = [[$widthMm - self::EXIT_MM, $heightMm - self::EXIT_MM, self::EXIT_MM, self::EXIT_MM]];
        foreach ($rows as $row) {
            [$w, $h] = [$row->number('widthMm'), $row->number('heightMm')];
            $at = self::place($row->word('kind'), $w, $h, $widthMm, $heightMm, $taken);
            if ($at === null) {
                $left[] = $row->called('device');

                continue;
            }
            $standing[] = ['row' => $row->row, 'name' => $row->called('device'), 'kind' => $row->word('kind'), 'xMm' => $at[0], 'yMm' => $at[1], 'widthMm' => $w, 'heightMm' => $h];
            $taken[] = [$at[0], $at[1], $w, $h + ($row->word('kind') === 'strip' ? self::PLUGS_MM - self::APART_MM : 0.0)];
        }

        return new self($widthMm, $heightMm, $standing, $left);
    }

    /**
     * The first free place, looked for from where that kind belongs.
     *
     * @param  list<array{0: float, 1: float, 2: float, 3: float}>  $taken
     * @return array{0: float, 1: float}|null
     */
    private static function place(string $kind, float $w, float $h, float $boardW, float $boardH, array $taken): ?array
    {
        $xs = self::steps($boardW - $w);
        $ys = self::steps($boardH - $h - ($kind === 'strip' ? self::PLUGS_MM - self::EDGE_MM : 0.0));
        if ($kind === 'doser') {
            $ys = array_reverse($ys);
        }
        if ($kind === 'driver') {
            // Along the other end, one under the other.
            foreach (array_reverse($xs) as $x) {
                foreach ($ys as $y) {
                    if (self::isFree($x, $y, $w, $h, $taken)) {
                        return [$x, $y];
                    }
                }
            }

            return null;
        }
        foreach ($ys as $y) {
            foreach ($xs as $x) {
                if (self::isFree($x, $y, $w, $h, $taken)) {
                    return [$x, $y];
                }
            }
        }

        return null;
    }

    /** @return list<float> */
    private static function steps(float $room): array
    {
        $last = $room - self::EDGE_MM;
        $steps = [];
        for ($mm = self::EDGE_MM; $mm <= $last; $mm += self::STEP_MM) {
            $steps[] = $mm;
        }
        if ($steps !== [] && $steps[count($steps) - 1] < $last) {
            $steps[] = $last;
        }

        return $steps;
    }

    /** @param  list<array{0: float, 1: float, 2: float, 3: float}>  $taken */
    private static function isFree(float $x, float $y, float $w, float $h, array $taken): bool
    {
        foreach ($taken as [$tx, $ty, $tw, $th]) {
            if ($x < $tx + $tw + self::APART_MM && $tx < $x + $w + self::APART_MM && $y < $ty + $th + self::APART_MM && $ty < $y + $h + self::APART_MM) {
                return false;
            }
        }

        return true;
    }
}
