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
     * Rows are told apart by their place: one that says the same on both sides, wherever it stands, is neither gone nor new.
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
        $changed = array_intersect_key($new, $gone);

        return new self(
            table: $table,
            before: count($before),
            after: count($after),
            gone: self::called($table, array_diff_key($gone, $changed)),
            new: self::called($table, array_diff_key($new, $changed)),
            changed: self::called($table, $changed),
        );
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
