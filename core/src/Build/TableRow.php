<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use LogicException;

/** One row of a plan's table whose every column was found sound. */
final readonly class TableRow
{
    /** @param  array<string, float|string|bool|null>  $values  by column */
    public function __construct(
        public string $name,
        /** Which row of the table it is; sound rows only may leave gaps. */ public int $row,
        private array $values,
        /** Stable through changes of its name, place and words; empty where nobody gave it one. */
        public string $id = '',
    ) {
    }

    /** Whether it says the same, wherever it stands. */
    public function equals(self $other): bool
    {
        return $this->name === $other->name && $this->values === $other->values;
    }

    public function number(string $column): float
    {
        return $this->numberOr($column) ?? throw new LogicException("{$column} is not asked for, or may be empty");
    }

    public function numberOr(string $column): ?float
    {
        $value = $this->values[$column] ?? null;

        return is_float($value) ? $value : null;
    }

    public function word(string $column): string
    {
        $value = $this->values[$column] ?? null;

        return is_string($value) ? $value : throw new LogicException("{$column} is no choice of this table");
    }

    public function wordOr(string $column): ?string
    {
        $value = $this->values[$column] ?? null;

        return is_string($value) ? $value : null;
    }

    public function flag(string $column): bool
    {
        return ($this->values[$column] ?? null) === true;
    }

    /** Its name, or one made of its place. */
    public function called(string $word): string
    {
        return $this->name === '' ? ucfirst($word).' '.($this->row + 1) : $this->name;
    }
}
