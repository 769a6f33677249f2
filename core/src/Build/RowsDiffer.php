<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** What became of the rows of one table between two plans, each by its name. */
final readonly class RowsDiffer
{
    /**
     * @param  list<string>  $gone
     * @param  list<string>  $new
     * @param  list<string>  $changed
     */
    private function __construct(
        public TableSpec $table,
        public int $before,
        public int $after,
        public array $gone,
        public array $new,
        public array $changed,
    ) {
    }

    /**
     * One that says the same on both sides, wherever it stands, is neither gone nor new. One that has its id there, or without an id its
     * place, was changed.
     *
     * @param  list<TableRow>  $before
     * @param  list<TableRow>  $after
     * @return self|null null: nothing differs
     */
    public static function of(TableSpec $table, array $before, array $after): ?self
    {
        $gone = self::without($before, $after);
        $new = self::without($after, $before);
        if ($gone === [] && $new === []) {
            return null;
        }
        $changed = array_filter($new, fn (TableRow $row): bool => self::stands($row, $gone));
        $gone = array_filter($gone, fn (TableRow $row): bool => ! self::stands($row, $new));

        return new self(
            table: $table,
            before: count($before),
            after: count($after),
            gone: self::called($table, $gone),
            new: self::called($table, array_diff_key($new, $changed)),
            changed: self::called($table, $changed),
        );
    }

    /** @param  array<int, TableRow>  $others  by their place */
    private static function stands(TableRow $row, array $others): bool
    {
        if ($row->id === '') {
            return isset($others[$row->row]);
        }

        return array_filter($others, fn (TableRow $other): bool => $other->id === $row->id) !== [];
    }

    /**
     * @param  array<int, TableRow>  $rows
     * @return list<string>
     */
    private static function called(TableSpec $table, array $rows): array
    {
        return array_values(array_map(fn (TableRow $r): string => $r->called($table->word), $rows));
    }

    /**
     * @param  list<TableRow>  $rows
     * @param  list<TableRow>  $others
     * @return array<int, TableRow> by their place
     */
    private static function without(array $rows, array $others): array
    {
        $left = [];
        foreach ($rows as $row) {
            foreach ($others as $i => $other) {
                if ($row->equals($other)) {
                    unset($others[$i]);

                    continue 2;
                }
            }
            $left[$row->row] = $row;
        }

        return $left;
    }
}
