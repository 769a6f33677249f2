<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** How one kind is shown: shown = core · factor + offset, with that many digits; or by a table where the tie is not a line. */
final readonly class UnitDisplay
{
    /** @param  list<array{0: float, 1: float}>|null  $table pairs of core value and shown value, both rising */
    public function __construct(
        public string $label,
        public float $factor = 1.0,
        public float $offset = 0.0,
        public int $digits = 0,
        public ?array $table = null,
    ) {
    }

    public function shown(float $core): float
    {
        return $this->table === null ? $core * $this->factor + $this->offset : self::between($this->table, 0, 1, $core);
    }

    public function core(float $shown): float
    {
        return $this->table === null
            ? ($shown - $this->offset) / $this->factor
            : self::between($this->table, 1, 0, $shown);
    }

    /** @param  list<array{0: float, 1: float}>  $table */
    private static function between(array $table, int $from, int $to, float $value): float
    {
        $last = count($table) - 1;
        $i = 1;
        while ($i < $last && $table[$i][$from] < $value) {
            $i++;
        }
        $share = ($value - $table[$i - 1][$from]) / ($table[$i][$from] - $table[$i - 1][$from]);

        return $table[$i - 1][$to] + $share * ($table[$i][$to] - $table[$i - 1][$to]);
    }
}
