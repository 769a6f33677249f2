<?php

declare(strict_types=1);

namespace App\House;

use Velbrin\Core\Build\ColumnSpec;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Build\TableSpec;

/** The tables of a build, kept as typed: known columns only, in sizes that can be kept, right or wrong. */
final class TableRows
{
    /** The way in is the place’s, not the plan’s. */
    private const NOT_TYPED = ['passages'];

    /** @return array<string, TableSpec> */
    public static function specs(): array
    {
        return array_diff_key(PlanTables::all(), array_flip(self::NOT_TYPED));
    }

    /**
     * @param  array<array-key, mixed>  $typed  the draft as sent or stored
     * @return array<string, list<array<string, float|string|bool|null>>>
     */
    public static function of(array $typed): array
    {
        return array_map(
            fn (TableSpec $table): array => self::table($table, $typed[$table->key] ?? null),
            self::specs(),
        );
    }

    /** @return list<array<string, float|string|bool|null>> */
    private static function table(TableSpec $table, mixed $typed): array
    {
        $rows = [];
        foreach (array_slice(array_values(is_array($typed) ? $typed : []), 0, $table->most) as $row) {
            $row = is_array($row) ? $row : [];
            $kept = ['name' => self::words($row['name'] ?? null)];
            $id = $row['id'] ?? null;
            if (is_string($id) && preg_match(TableSpec::ID, $id) === 1) {
                $kept['id'] = $id;
            }
            foreach ($table->columns as $column) {
                $kept[$column->key] = self::cell($column, $row[$column->key] ?? null);
            }
            $rows[] = $kept;
        }

        return $rows;
    }

    private static function cell(ColumnSpec $column, mixed $value): float|string|bool|null
    {
        return match (true) {
            $column->isFlag() => $value === true,
            $column->letters > 0 => self::words($value, $column->letters),
            $column->kind === null => self::words($value),
            default => is_int($value) || is_float($value) ? (float) $value : null,
        };
    }

    private static function words(mixed $value, int $letters = 60): string
    {
        return is_string($value) ? mb_substr($value, 0, $letters) : '';
    }
}
