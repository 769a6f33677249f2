<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\House\TableRows;
use Velbrin\Core\Build\RowWays;
use Velbrin\Core\Build\ThreeWays;
use Velbrin\Core\Measure\Units;

/** A fact that the record moved while a refit was planned. */
final readonly class ThreeWaysView
{
    private function __construct(
        public string $field,
        public string $label,
        public string $base,
        public string $plan,
        public string $record,
        public bool $isConflict,
    ) {
    }

    /**
     * @param  list<ThreeWays>  $open
     * @return list<self>
     */
    public static function all(array $open, Units $units): array
    {
        return array_map(
            fn (ThreeWays $t): self => new self(
                field: $t->field,
                label: FactWords::label($t->field),
                base: FactWords::of($t->field, $t->base, $units),
                plan: FactWords::of($t->field, $t->plan, $units),
                record: FactWords::of($t->field, $t->record, $units),
                isConflict: $t->state === ThreeWays::CONFLICT,
            ),
            $open,
        );
    }

    /**
     * @param  list<RowWays>  $open
     * @return list<self>
     */
    public static function rows(array $open): array
    {
        return array_map(
            fn (RowWays $r): self => new self(
                field: $r->field(),
                label: ucfirst(TableRows::specs()[$r->table]->word).': '.($r->name === '' ? 'a row without a name' : $r->name),
                base: $r->base === null ? 'not there' : 'as planned then',
                plan: self::row($r, $r->plan, 'takes it out'),
                record: self::row($r, $r->record, 'it is gone'),
                isConflict: $r->state === ThreeWays::CONFLICT,
            ),
            $open,
        );
    }

    /** @param  array<string, float|string|bool|null>|null  $row */
    private static function row(RowWays $ways, ?array $row, string $gone): string
    {
        if ($row === null || $ways->base === null) {
            return $row === null ? $gone : 'it is new';
        }
        $heads = ['name' => 'name'];
        foreach (TableRows::specs()[$ways->table]->columns as $column) {
            $heads[$column->key] = lcfirst($column->label);
        }
        $moved = array_map(fn (string $key): string => $heads[$key] ?? $key, $ways->moved($row));

        return $moved === [] ? 'as it was' : 'another '.implode(', ', $moved);
    }
}
