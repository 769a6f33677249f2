<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/**
 * Hours until a limit from each value somebody may read, for a phone without signal: it only looks up, and draws a straight line
 * between two rows.
 */
final readonly class HoursTable
{
    /** Between two rows, K. */
    private const STEP = 0.1;

    /** On the other side of where it began, K: somebody may read that too. */
    private const BEYOND = 4.0;

    /** @param  list<array{value: float, hours: float|null}>  $rows  from the limit away; null: never */
    private function __construct(public array $rows)
    {
    }

    /** @param  \Closure(float): (float|null)  $from  hours from a value to the limit, null: never */
    public static function of(\Closure $from, float $limit, float $start): self
    {
        $away = $start >= $limit ? 1.0 : -1.0;
        $steps = (int) ceil((abs($start - $limit) + self::BEYOND) / self::STEP);
        $rows = [];
        for ($n = 0; $n <= $steps; $n++) {
            $value = $limit + $away * $n * self::STEP;
            $rows[] = ['value' => round($value, 3), 'hours' => $n === 0 ? 0.0 : $from($value)];
        }

        return new self($rows);
    }

    /** As the phone reads it; 0 beyond the limit, the last row beyond the table. */
    public function at(float $value): ?float
    {
        $away = $this->rows[1]['value'] > $this->rows[0]['value'] ? 1.0 : -1.0;
        if ($away * ($value - $this->rows[0]['value']) <= 0) {
            return 0.0;
        }
        foreach ($this->rows as $n => $row) {
            $before = $this->rows[max(0, $n - 1)];
            if ($away * ($row['value'] - $value) >= 0) {
                return $row['hours'] === null || $before['hours'] === null ? null : $before['hours']
                    + ($row['hours'] - $before['hours']) * ($value - $before['value']) / ($row['value'] - $before['value']);
            }
        }

        return $this->rows[count($this->rows) - 1]['hours'];
    }
}
