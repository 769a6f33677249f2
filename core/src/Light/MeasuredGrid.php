<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * What a lamp gives under it, read with a meter in air on a grid of points at one distance (B-50). In the same direction the light
 * falls with the square of the distance, and the angle stays: that carries the grid to any depth. Beside the grid nothing is known
 * and nothing counts.
 */
final readonly class MeasuredGrid
{
    private const MOST = 41;

    /** @param  list<list<float>>  $rows  µmol/m²/s, back to front, left to right */
    private function __construct(public float $distanceMm, public float $stepMm, public array $rows)
    {
    }

    /**
     * @param  list<list<float>>  $rows  all of one length; the middle of the grid lies under the lamp
     *
     * @throws OutOfRange
     */
    public static function of(float $distanceMm, float $stepMm, array $rows): self
    {
        Guard::within('distanceMm', $distanceMm, 20, 3000);
        Guard::within('stepMm', $stepMm, 5, 1000);
        $columns = count($rows[0] ?? []);
        foreach ($rows as $r => $row) {
            if (count($row) !== $columns || $columns === 0) {
                throw OutOfRange::field(
                    "grid.{$r}",
                    Phrase::EveryRowOfTheGridNeeds,
                    Phrase::ColumnsReadings,
                    ['columns' => (string) $columns],
                );
            }
            foreach ($row as $par) {
                Guard::within("grid.{$r}", $par, 0, 20000);
            }
        }
        if (count($rows) < 2 || $columns < 2 || count($rows) > self::MOST || $columns > self::MOST) {
            throw OutOfRange::field(
                'grid',
                Phrase::AGridOfReadingsIsNeeded,
                Phrase::N2By2ToByReadings,
                ['most' => (string) self::MOST],
            );
        }

        return new self($distanceMm, $stepMm, $rows);
    }

    /** The same lamp behind something that lets that share pass. */
    public function times(float $share): self
    {
        return $share === 1.0
            ? $this
            : new self(
                $this->distanceMm,
                $this->stepMm,
                array_map(
                    fn (array $row): array => array_map(fn (float $par): float => $par * $share, $row),
                    $this->rows,
                ),
            );
    }

    /**
     * "600 / 100: 12 40 12; 40 180 40; 12 40 12": distance and step in mm, then rows from the back to the front.
     *
     * @throws OutOfRange
     */
    public static function parse(string $text): self
    {
        if (preg_match('~^\s*([\d.]+)\s*/\s*([\d.]+)\s*:(.+)$~s', $text, $m) !== 1) {
            throw OutOfRange::field(
                'grid',
                Phrase::TheMeasuredGridCannotBeRead,
                Phrase::DistanceStepRowsOfReadingsParted,
            );
        }
        $rows = [];
        foreach (preg_split('~[;\r\n]+~', trim($m[3], " ;\t\r\n")) ?: [] as $r => $line) {
            $cells = preg_split('~[\s,]+~', trim($line), flags: PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($cells as $cell) {
                if (! is_numeric($cell)) {
                    throw OutOfRange::field(
                        "grid.{$r}",
                        Phrase::IsNotAReading,
                        Phrase::Numbers,
                        ['cell' => (string) $cell],
                    );
                }
            }
            $rows[] = array_map(floatval(...), $cells);
        }

        return self::of((float) $m[1], (float) $m[2], $rows);
    }

    public function text(): string
    {
        return "{$this->distanceMm} / {$this->stepMm}: ".
            implode('; ', array_map(fn (array $row): string => implode(' ', $row), $this->rows));
    }

    /** Between its points by the shares of their distances; nothing beside it. @return float µmol/m²/s at the grid's own distance */
    public function at(float $acrossMm, float $forwardMm): float
    {
        $c = $acrossMm / $this->stepMm + (count($this->rows[0]) - 1) / 2;
        $r = $forwardMm / $this->stepMm + (count($this->rows) - 1) / 2;
        if ($c < 0 || $r < 0 || $c > count($this->rows[0]) - 1 || $r > count($this->rows) - 1) {
            return 0.0;
        }
        [$c0, $r0] = [min((int) $c, count($this->rows[0]) - 2), min((int) $r, count($this->rows) - 2)];
        [$u, $v] = [$c - $c0, $r - $r0];

        return (1 - $v) * ((1 - $u) * $this->rows[$r0][$c0] + $u * $this->rows[$r0][$c0 + 1]) +
            $v * ((1 - $u) * $this->rows[$r0 + 1][$c0] + $u * $this->rows[$r0 + 1][$c0 + 1]);
    }

    /** Flux through the grid, µmol/s: what of the lamp's light the grid caught. */
    public function ppf(): float
    {
        return array_sum(array_map(array_sum(...), $this->rows)) * ($this->stepMm / 1000) ** 2;
    }
}
