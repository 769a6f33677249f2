<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/**
 * A row of a refit's tables on three sheets, as ThreeWays has a fact: as it stood when the plan began, as the plan has it, as the record
 * has it now. Rows are told apart by their id; of the record, where they have none, by their name.
 *
 * @phpstan-type Row array<string, float|string|bool|null>
 */
final readonly class RowWays
{
    /** Two numbers as near as that are one. */
    private const SAME = 1e-9;

    /**
     * @param  Row|null  $base  null: it was not there, and so on
     * @param  Row|null  $plan
     * @param  Row|null  $record
     */
    private function __construct(
        public string $table,
        public string $id,
        public string $name,
        public ?array $base,
        public ?array $plan,
        public ?array $record,
        public string $state,
    ) {
    }

    /**
     * @param  array<string, list<Row>>  $base  each row with its id
     * @param  array<string, list<Row>>  $plan
     * @param  array<string, list<Row>>  $record
     * @return list<self> what somebody has to decide
     */
    public static function of(array $base, array $plan, array $record): array
    {
        $open = [];
        foreach (array_keys($base + $record) as $table) {
            $was = self::byId($base[$table] ?? [], []);
            $names = [];
            foreach ($was as $id => $row) {
                $names[(string) ($row['name'] ?? '')] = $id;
            }
            $said = self::byId($plan[$table] ?? [], []);
            $is = self::byId($record[$table] ?? [], $names);
            foreach (array_keys($was + $is) as $id) {
                [$b, $p, $r] = [$was[$id] ?? null, $said[$id] ?? null, $is[$id] ?? null];
                if (! self::same($b, $r) && ! self::same($p, $r)) {
                    $name = (string) (($r ?? $p ?? $b)['name'] ?? '');
                    $state = self::same($b, $p) ? ThreeWays::MOVED : ThreeWays::CONFLICT;
                    $open[] = new self($table, (string) $id, $name, $b, $p, $r, $state);
                }
            }
        }

        return $open;
    }

    /** As a choice names it. */
    public function field(): string
    {
        return "row:{$this->table}:{$this->id}";
    }

    /**
     * Columns in which a row says something else than it began with.
     *
     * @param  Row  $row
     * @return list<string>
     */
    public function moved(array $row): array
    {
        $base = $this->base ?? [];
        $moved = [];
        foreach (array_keys(array_diff_key($row + $base, ['id' => 0])) as $column) {
            if (! self::alike($base[$column] ?? null, $row[$column] ?? null)) {
                $moved[] = $column;
            }
        }

        return $moved;
    }

    /**
     * @param  list<Row>  $rows
     * @param  array<string, array-key>  $names  ids of rows that have the same name
     * @return array<array-key, Row>
     */
    private static function byId(array $rows, array $names): array
    {
        $by = [];
        foreach ($rows as $row) {
            $name = (string) ($row['name'] ?? '');
            $id = $row['id'] ?? null;
            $by[is_string($id) ? $id : $names[$name] ?? $name] = $row;
        }

        return $by;
    }

    /**
     * @param  Row|null  $one
     * @param  Row|null  $other
     */
    private static function same(?array $one, ?array $other): bool
    {
        if ($one === null || $other === null) {
            return $one === $other;
        }
        foreach (array_keys(array_diff_key($one + $other, ['id' => 0])) as $column) {
            if (! self::alike($one[$column] ?? null, $other[$column] ?? null)) {
                return false;
            }
        }

        return true;
    }

    /** Nothing, an empty word and a flag that is not set are one. */
    private static function alike(float|string|bool|null $one, float|string|bool|null $other): bool
    {
        if (is_float($one) && is_float($other)) {
            return abs($one - $other) <= self::SAME * max(1.0, abs($one));
        }
        $plain = fn (float|string|bool|null $v): float|string|bool|null => $v === '' || $v === false ? null : $v;

        return $plain($one) === $plain($other);
    }
}
