<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use OutOfBoundsException;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** A table of a plan: how its rows are asked for, and how many it takes. */
final readonly class TableSpec
{
    private const NAME_LENGTH = 60;

    /** What a row may be called by for good. */
    public const ID = '/^[A-Za-z0-9-]{1,40}$/';

    /** @param  list<ColumnSpec>  $columns  besides the name */
    public function __construct(
        public string $key,
        /** What one row is, for a row without a name: "lamp". */
        public string $word,
        public string $says,
        public int $most,
        public array $columns,
    ) {
    }

    /** @throws OutOfBoundsException for a column it does not have */
    public function column(string $key): ColumnSpec
    {
        foreach ($this->columns as $column) {
            if ($column->key === $key) {
                return $column;
            }
        }
        throw new OutOfBoundsException("{$this->key} has no column {$key}");
    }

    /**
     * Every sound row. A row with a fault is set aside and named.
     *
     * @param  list<FieldError>  $errors
     *
     * @param-out list<FieldError> $errors
     *
     * @return list<TableRow>
     */
    public function read(mixed $raw, array &$errors): array
    {
        $rows = [];
        foreach (is_array($raw) ? array_values($raw) : [] as $i => $row) {
            try {
                if ($i >= $this->most) {
                    throw OutOfRange::field(
                        $this->key,
                        Phrase::MoreThanRows,
                        Phrase::AtMostRows,
                        ['most' => (string) $this->most],
                    );
                }
                $rows[] = $this->row(is_array($row) ? $row : [], $i);
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
            }
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @throws OutOfRange
     */
    private function row(array $row, int $i): TableRow
    {
        $values = [];
        foreach ($this->columns as $column) {
            $values[$column->key] = $this->cell(
                $column,
                $row[$column->key] ?? null,
                "{$this->key}.{$i}.{$column->key}",
            );
        }
        $name = $row['name'] ?? '';

        $id = $row['id'] ?? '';

        return new TableRow(
            is_string($name) ? mb_substr(trim($name), 0, self::NAME_LENGTH) : '',
            $i,
            $values,
            is_string($id) && preg_match(self::ID, $id) === 1 ? $id : '',
        );
    }

    /** @throws OutOfRange */
    private function cell(ColumnSpec $column, mixed $value, string $at): float|string|bool|null
    {
        if ($column->isFlag()) {
            return $value === true;
        }
        if (($value === null || $value === '') && $column->mayBeEmpty()) {
            return null;
        }
        if ($column->letters > 0) {
            return is_string($value) && mb_strlen($value) <= $column->letters
                ? trim($value)
                : throw OutOfRange::field(
                    $at,
                    Phrase::WordsAreNeeded,
                    Phrase::UpToCharacters,
                    ['label' => ucfirst($column->label), 'letters' => (string) $column->letters],
                );
        }
        if ($column->kind === null) {
            return is_string($value) && isset($column->choices[$value])
                ? $value
                : throw OutOfRange::field(
                    $at,
                    Phrase::ChooseOneOfTheWords,
                    Phrase::List,
                    [
                        'label' => $column->label,
                        'list' => implode(', ', array_keys($column->choices)),
                    ],
                );
        }
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            throw OutOfRange::field(
                $at,
                Phrase::ANumberIsNeeded,
                Phrase::ANumberFromTo,
                [
                    'label' => ucfirst($column->label),
                    'least' => (string) $column->least,
                    'most' => (string) $column->most,
                ],
            );
        }
        if ($value < $column->least || $value > $column->most) {
            throw OutOfRange::number(
                $at,
                (float) $value,
                Phrase::LeastToMost,
                ['least' => Quantity::of($column->least, $column->kind), 'most' => Quantity::of($column->most, $column->kind)],
                least: Quantity::of($column->least, $column->kind),
                most: Quantity::of($column->most, $column->kind),
            );
        }

        return (float) $value;
    }
}
