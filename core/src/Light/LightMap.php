<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Closure;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The field over a tank at one depth: a grid, what it amounts to, and its isolines (B-50). */
final readonly class LightMap
{
    /** Where a group of corals grows well, µmol/m²/s; a company’s own may differ. @var array<string, array{0: float, 1: float}> */
    public const GROUPS = ['soft corals' => [50.0, 150.0], 'large-polyp stony' => [80.0, 200.0], 'small-polyp stony' => [200.0, 350.0]];

    /**
     * @param  list<list<float|null>>  $rows  µmol/m²/s, from the back to the front; each from left to right; null outside the tank
     * @param  array<string, float>  $groupSharePct  of the area, by group
     */
    private function __construct(
        public float $depthMm,
        public float $lengthMm,
        public float $widthMm,
        public array $rows,
        public float $mean,
        public float $least,
        public float $most,
        /** The dimmest corner of the grid. */
        public float $corner,
        /** Least by mean. */
        public float $uniformity,
        public array $groupSharePct,
    ) {
    }

    /**
     * @param  list<Fixture>  $fixtures
     * @param  (Closure(float, float): bool)|null  $inside  whether a place lies in the tank; null: all of the rectangle does
     *
     * @throws OutOfRange
     */
    public static function of(array $fixtures, float $lengthMm, float $widthMm, float $depthMm, float $attenuationPerM, int $columns = 60, int $rowsCount = 30, float $surfaceLoss = LightField::SURFACE_LOSS, bool $refracted = false, ?Closure $inside = null): self
    {
        Guard::positive('lengthMm', $lengthMm);
        Guard::positive('widthMm', $widthMm);
        if ($columns < 2 || $rowsCount < 2) {
            throw OutOfRange::number('columns', $columns, 'at least 2 by 2 points');
        }
        $anyMeasured = array_filter($fixtures, fn (Fixture $f): bool => $f->grid !== null) !== [];
        $beams = LightField::beams($fixtures, $depthMm, $attenuationPerM, $surfaceLoss, $refracted);
        // Points stand in the middle of their cells, so that each speaks for the same area.
        $xs = array_map(fn (int $c): float => ($c + 0.5) * $lengthMm / $columns, range(0, $columns - 1));
        $rows = [];
        for ($r = 0; $r < $rowsCount; $r++) {
            $y = ($r + 0.5) * $widthMm / $rowsCount;
            $row = LightField::row($beams, $xs, $y);
            if ($anyMeasured) {
                $row = array_map(fn (float $a, float $b): float => $a + $b, $row, LightField::measured($fixtures, $xs, $y, $depthMm, $attenuationPerM, $surfaceLoss, $refracted));
            }
            $rows[] = $inside === null ? $row : array_map(fn (float $x, float $par): ?float => $inside($x, $y) ? $par : null, $xs, $row);
        }

        return self::judged($rows, $lengthMm, $widthMm, $depthMm);
    }

    /** The same map through a survey’s factor, measured by predicted (B-52). @throws OutOfRange */
    public function calibrated(float $factor): self
    {
        Guard::positive('factor', $factor);

        return self::judged(array_map(fn (array $row): array => array_map(fn (?float $p): ?float => $p === null ? null : $p * $factor, $row), $this->rows), $this->lengthMm, $this->widthMm, $this->depthMm);
    }

    /** @param  list<list<float|null>>  $rows */
    private static function judged(array $rows, float $lengthMm, float $widthMm, float $depthMm): self
    {
        $sum = $least = $most = null;
        $inside = array_fill_keys(array_keys(self::GROUPS), 0);
        $count = 0;
        foreach ($rows as $row) {
            foreach ($row as $par) {
                if ($par === null) {
                    continue;
                }
                $sum += $par;
                $count++;
                if ($least === null || $par < $least) {
                    $least = $par;
                }
                if ($most === null || $par > $most) {
                    $most = $par;
                }
                foreach (self::GROUPS as $group => [$low, $high]) {
                    if ($par >= $low && $par <= $high) {
                        $inside[$group]++;
                    }
                }
            }
        }
        $mean = $count === 0 ? 0.0 : ($sum ?? 0.0) / $count;
        $corners = [];
        foreach ([$rows[0] ?? [], $rows[count($rows) - 1] ?? []] as $row) {
            array_push($corners, ...array_filter([...array_slice($row, 0, 1), ...array_slice($row, -1)], is_float(...)));
        }

        return new self($depthMm, $lengthMm, $widthMm, $rows, $mean, $least ?? 0.0, $most ?? 0.0, $corners === [] ? $least ?? 0.0 : min($corners), $mean > 0 ? ($least ?? 0.0) / $mean : 0.0, array_map(fn (int $n): float => $count === 0 ? 0.0 : 100 * $n / $count, $inside));
    }

    /**
     * Lines of one value, as segments between neighbouring points of the grid (marching squares).
     *
     * @return list<array{0: float, 1: float, 2: float, 3: float}> x and y of both ends, mm
     */
    public function isoline(float $level): array
    {
        return $this->isolines([$level])[0];
    }

    /**
     * All of them in one walk over the grid: a cell is looked at closely only where a line crosses it.
     *
     * @param  list<float>  $levels  rising
     * @return list<list<array{0: float, 1: float, 2: float, 3: float}>> segments by level
     */
    public function isolines(array $levels): array
    {
        $columns = count($this->rows[0]);
        [$dx, $dy] = [$this->lengthMm / $columns, $this->widthMm / count($this->rows)];
        $lines = array_fill(0, count($levels), []);
        for ($r = 0; $r < count($this->rows) - 1; $r++) {
            [$back, $front] = [$this->rows[$r], $this->rows[$r + 1]];
            for ($c = 0; $c < $columns - 1; $c++) {
                [$p, $q, $s, $t] = [$back[$c], $back[$c + 1], $front[$c + 1], $front[$c]];
                if ($p === null || $q === null || $s === null || $t === null) {
                    continue;
                }
                [$low, $high] = $p < $q ? [$p, $q] : [$q, $p];
                [$lower, $higher] = $s < $t ? [$s, $t] : [$t, $s];
                [$least, $most] = [$low < $lower ? $low : $lower, $high > $higher ? $high : $higher];
                foreach ($levels as $i => $level) {
                    if ($level > $most) {
                        break;
                    }
                    if ($least < $level) {
                        [$x, $y] = [($c + 0.5) * $dx, ($r + 0.5) * $dy];
                        array_push($lines[$i], ...self::crossings([[$x, $y, $p], [$x + $dx, $y, $q], [$x + $dx, $y + $dy, $s], [$x, $y + $dy, $t]], $level));
                    }
                }
            }
        }

        return $lines;
    }

    /**
     * @param  list<array{0: float, 1: float, 2: float}>  $corners  four, in order round the cell
     * @return list<array{0: float, 1: float, 2: float, 3: float}>
     */
    private static function crossings(array $corners, float $level): array
    {
        $points = [];
        foreach ($corners as $i => $a) {
            $b = $corners[($i + 1) % 4];
            if (($a[2] < $level) !== ($b[2] < $level)) {
                $t = ($level - $a[2]) / ($b[2] - $a[2]);
                $points[] = [$a[0] + $t * ($b[0] - $a[0]), $a[1] + $t * ($b[1] - $a[1])];
            }
        }
        $lines = [];
        foreach (array_chunk($points, 2) as $pair) {
            if (isset($pair[1])) {
                $lines[] = [...$pair[0], ...$pair[1]];
            }
        }

        return $lines;
    }
}
