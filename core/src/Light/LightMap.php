<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Vessel\Outline;

/** The field over a tank at one depth: a grid, what it amounts to, and its isolines (B-50). */
final readonly class LightMap
{
    /** Where a group of corals grows well, µmol/m²/s; a company’s own may differ. @var array<string, array{0: float, 1: float}> */
    public const GROUPS = [
        'soft corals' => [50.0, 150.0],
        'large-polyp stony' => [80.0, 200.0],
        'small-polyp stony' => [200.0, 350.0],
    ];

    /**
     * @param  list<list<float|null>>  $rows  µmol/m²/s, from the back to the front; each from left to right; null outside the tank
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
    ) {
    }

    /**
     * @param  list<Fixture>  $fixtures
     * @param  non-empty-list<array{0: float, 1: float}>|null  $outline  of the tank; null: all of the rectangle is tank
     *
     * @throws OutOfRange
     */
    public static function of(
        array $fixtures,
        float $lengthMm,
        float $widthMm,
        float $depthMm,
        float $attenuationPerM,
        int $columns = 60,
        int $rowsCount = 30,
        float $surfaceLoss = LightField::SURFACE_LOSS,
        bool $refracted = false,
        ?array $outline = null,
    ): self {
        Guard::positive('lengthMm', $lengthMm);
        Guard::positive('widthMm', $widthMm);
        if ($columns < 2 || $rowsCount < 2) {
            throw OutOfRange::number('columns', $columns, Phrase::AtLeast2By2Points);
        }
        $anyMeasured = array_filter($fixtures, fn (Fixture $f): bool => $f->grid !== null) !== [];
        $beams = LightField::beams($fixtures, $depthMm, $attenuationPerM, $surfaceLoss, $refracted);
        // Points stand in the middle of their cells, so that each speaks for the same area.
        $xs = array_map(fn (int $c): float => (($c + 0.5) * $lengthMm) / $columns, range(0, $columns - 1));
        $ys = array_map(fn (int $r): float => (($r + 0.5) * $widthMm) / $rowsCount, range(0, $rowsCount - 1));
        $rows = [];
        foreach (LightField::grid($beams, $xs, $ys) as $r => $row) {
            $y = $ys[$r];
            if ($anyMeasured) {
                $row = array_map(
                    fn (float $a, float $b): float => $a + $b,
                    $row,
                    LightField::measured($fixtures, $xs, $y, $depthMm, $attenuationPerM, $surfaceLoss, $refracted),
                );
            }
            $rows[] = $outline === null ? $row : self::within(Outline::stretches($outline, $y), $xs, $row);
        }

        return self::judged($rows, $lengthMm, $widthMm, $depthMm);
    }

    /**
     * @param  list<array{0: float, 1: float}>  $stretches
     * @param  list<float>  $xs
     * @param  list<float>  $row
     * @return list<float|null>
     */
    private static function within(array $stretches, array $xs, array $row): array
    {
        $kept = array_fill(0, count($row), null);
        foreach ($stretches as [$from, $to]) {
            foreach ($xs as $c => $x) {
                if ($x >= $from && $x < $to) {
                    $kept[$c] = $row[$c];
                }
            }
        }

        return array_values($kept);
    }

    /** The same map through a survey’s factor, measured by predicted (B-52). @throws OutOfRange */
    public function calibrated(float $factor): self
    {
        Guard::positive('factor', $factor);

        return self::judged(
            array_map(
                fn (array $row): array => array_map(fn (?float $p): ?float => $p === null ? null : $p * $factor, $row),
                $this->rows,
            ),
            $this->lengthMm,
            $this->widthMm,
            $this->depthMm,
        );
    }

    /** @param  list<list<float|null>>  $rows */
    private static function judged(array $rows, float $lengthMm, float $widthMm, float $depthMm): self
    {
        $points = array_merge(...$rows);
        if (in_array(null, $points, true)) {
            $points = array_filter($points, is_float(...));
        }

        $count = count($points);
        $mean = $count === 0 ? 0.0 : array_sum($points) / $count;
        $least = $points === [] ? 0.0 : min($points);
        $corners = [];
        foreach ([$rows[0] ?? [], $rows[count($rows) - 1] ?? []] as $row) {
            array_push(
                $corners,
                ...array_filter([...array_slice($row, 0, 1), ...array_slice($row, -1)], is_float(...)),
            );
        }

        return new self(
            depthMm: $depthMm,
            lengthMm: $lengthMm,
            widthMm: $widthMm,
            rows: $rows,
            mean: $mean,
            least: $least,
            most: $points === [] ? 0.0 : max($points),
            corner: $corners === [] ? $least : min($corners),
            uniformity: $mean > 0 ? $least / $mean : 0.0,
        );
    }

    /** @return array<string, float> of the area that suits each group, % */
    public function groupSharePct(): array
    {
        $count = 0;
        $suits = array_fill_keys(array_keys(self::GROUPS), 0);
        foreach ($this->rows as $row) {
            foreach ($row as $par) {
                if ($par === null) {
                    continue;
                }
                $count++;
                foreach (self::GROUPS as $group => [$least, $most]) {
                    if ($par >= $least && $par <= $most) {
                        $suits[$group]++;
                    }
                }
            }
        }

        return array_map(fn (int $points): float => $count === 0 ? 0.0 : (100 * $points) / $count, $suits);
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
     * All of them in one walk over the grid: a cell is looked at closely only where its corners lie in different bands between levels.
     *
     * @param  list<float>  $levels  rising
     * @return list<list<array{0: float, 1: float, 2: float, 3: float}>> segments by level
     */
    public function isolines(array $levels): array
    {
        $columns = count($this->rows[0]);
        [$dx, $dy] = [$this->lengthMm / $columns, $this->widthMm / count($this->rows)];
        $lines = array_fill(0, count($levels), []);
        $bands = array_map(fn (array $row): array => self::bands($row, $levels), $this->rows);
        for ($r = 0; $r < count($this->rows) - 1; $r++) {
            [$back, $front, $backBands, $frontBands] = [
                $this->rows[$r],
                $this->rows[$r + 1],
                $bands[$r],
                $bands[$r + 1],
            ];
            for ($c = 0; $c < $columns - 1; $c++) {
                $band = $backBands[$c];
                if ($band === $backBands[$c + 1] && $band === $frontBands[$c] && $band === $frontBands[$c + 1]) {
                    continue;
                }
                [$p, $q, $s, $t] = [$back[$c], $back[$c + 1], $front[$c + 1], $front[$c]];
                if ($p === null || $q === null || $s === null || $t === null) {
                    continue;
                }
                [$x, $y] = [($c + 0.5) * $dx, ($r + 0.5) * $dy];
                $most = max($band, $backBands[$c + 1], $frontBands[$c], $frontBands[$c + 1]);
                for ($i = min($band, $backBands[$c + 1], $frontBands[$c], $frontBands[$c + 1]); $i < $most; $i++) {
                    foreach (self::crossings(
                        left: $x,
                        back: $y,
                        right: $x + $dx,
                        front: $y + $dy,
                        p: $p,
                        q: $q,
                        s: $s,
                        t: $t,
                        level: $levels[$i],
                    ) as $segment) {
                        $lines[$i][] = $segment;
                    }
                }
            }
        }

        return $lines;
    }

    /**
     * How many levels each point of a row reaches; neighbours are much alike, so each starts from the last.
     *
     * @param  list<float|null>  $row
     * @param  list<float>  $levels  rising
     * @return list<int>
     */
    private static function bands(array $row, array $levels): array
    {
        $bands = [];
        $band = 0;
        $last = count($levels);
        foreach ($row as $par) {
            while ($band > 0 && $par < $levels[$band - 1]) {
                $band--;
            }
            while ($band < $last && $par >= $levels[$band]) {
                $band++;
            }
            $bands[] = $band;
        }

        return $bands;
    }

    /**
     * Where a level crosses a cell’s sides, in order round it: p, q at the back, s, t in front.
     *
     * @return list<array{0: float, 1: float, 2: float, 3: float}>
     */
    private static function crossings(
        float $left,
        float $back,
        float $right,
        float $front,
        float $p,
        float $q,
        float $s,
        float $t,
        float $level,
    ): array {
        $ends = [];
        if ($p < $level !== $q < $level) {
            array_push($ends, $left + (($level - $p) / ($q - $p)) * ($right - $left), $back);
        }
        if ($q < $level !== $s < $level) {
            array_push($ends, $right, $back + (($level - $q) / ($s - $q)) * ($front - $back));
        }
        if ($s < $level !== $t < $level) {
            array_push($ends, $left + (($level - $t) / ($s - $t)) * ($right - $left), $front);
        }
        if ($t < $level !== $p < $level) {
            array_push($ends, $left, $back + (($level - $p) / ($t - $p)) * ($front - $back));
        }

        // A level leaves a cell as often as it enters it: two ends, or four at a saddle.
        return match (count($ends)) {
            4 => [$ends],
            8 => [[$ends[0], $ends[1], $ends[2], $ends[3]], [$ends[4], $ends[5], $ends[6], $ends[7]]],
            default => [],
        };
    }
}
