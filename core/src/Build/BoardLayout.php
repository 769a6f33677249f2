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

    private const ORDER = ['strip', 'controller', 'driver', 'doser', 'thermostat', 'timer', 'switch', 'other'];

    /**
     * @param  list<array{row: int, name: string, kind: string, xMm: float, yMm: float, widthMm: float, heightMm: float}>  $standing
     * @param  list<string>  $left  what finds no place
     */
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public array $standing,
        public array $left,
    ) {
    }

    /** @param  list<TableRow>  $rows */
    public static function of(float $widthMm, float $heightMm, array $rows): self
    {
        usort(
            $rows,
            fn (TableRow $a, TableRow $b): int => [array_search($a->word('kind'), self::ORDER, true), $a->row] <=> [
                array_search($b->word('kind'), self::ORDER, true),
                $b->row,
            ],
        );
        $standing = $left = [];
        $taken = [[$widthMm - self::EXIT_MM, $heightMm - self::EXIT_MM, self::EXIT_MM, self::EXIT_MM]];
        foreach ($rows as $row) {
            [$w, $h] = [$row->number('widthMm'), $row->number('heightMm')];
            $at = self::place($row->word('kind'), $w, $h, $widthMm, $heightMm, $taken);
            if ($at === null) {
                $left[] = $row->called('device');

                continue;
            }
            $standing[] = [
                'row' => $row->row,
                'name' => $row->called('device'),
                'kind' => $row->word('kind'),
                'xMm' => $at[0],
                'yMm' => $at[1],
                'widthMm' => $w,
                'heightMm' => $h,
            ];
            $taken[] = [
                $at[0],
                $at[1],
                $w,
                $h + ($row->word('kind') === 'strip' ? self::PLUGS_MM - self::APART_MM : 0.0),
            ];
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
        if ($kind === 'driver') {
            // Along the other end, one under the other.
            return self::firstFree(array_reverse($xs), $ys, $w, $h, $taken);
        }
        $at = self::firstFree(
            $kind === 'doser' ? array_reverse($ys) : $ys,
            $xs,
            $h,
            $w,
            array_map(fn (array $t): array => [$t[1], $t[0], $t[3], $t[2]], $taken),
        );

        return $at === null ? null : [$at[1], $at[0]];
    }

    /**
     * Line by line, and along each line: only what reaches into a line is looked at along it.
     *
     * @param  list<float>  $lines
     * @param  list<float>  $along
     * @param  list<array{0: float, 1: float, 2: float, 3: float}>  $taken  across the lines, along them, and as wide
     * @return array{0: float, 1: float}|null across and along
     */
    private static function firstFree(array $lines, array $along, float $across, float $long, array $taken): ?array
    {
        foreach ($lines as $line) {
            $near = array_filter(
                $taken,
                fn (array $t): bool => $line < $t[0] + $t[2] + self::APART_MM &&
                    $t[0] < $line + $across + self::APART_MM,
            );
            foreach ($along as $at) {
                foreach ($near as [, $from, , $length]) {
                    if ($at < $from + $length + self::APART_MM && $from < $at + $long + self::APART_MM) {
                        continue 2;
                    }
                }

                return [$line, $at];
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
}
