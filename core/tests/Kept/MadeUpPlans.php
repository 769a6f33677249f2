<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Build\ColumnSpec;
use Velbrin\Core\Build\FieldSpec;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\PlanTables;
use Velbrin\Core\Tests\Build\SoundPlan;

/** A sound plan with some of its facts changed and any of all the others and of the tables filled in, the same for a seed each time. */
final class MadeUpPlans
{
    private const FACTS = 14;

    private const MOST_ROWS = 3;

    /** Rows that only go together with each other: chance would fill in none that do. */
    private const AS_THEY_ARE = ['chambers', 'curve', 'points'];

    private function __construct(private readonly Randomizer $chance)
    {
    }

    /** @return array{0: array<string, mixed>, 1: array<string, list<array<string, mixed>>>} facts, and tables */
    public static function of(int $seed): array
    {
        $made = new self(new Randomizer(new Mt19937($seed)));

        return [$made->facts($made->chance->pickArrayKeys(PlanSheet::fields(), self::FACTS)), $made->tables()];
    }

    /** @return array<string, mixed> whatever one part of the form asks for: what belongs together is answered together */
    public static function group(string $group, int $seed): array
    {
        $made = new self(new Randomizer(new Mt19937($seed)));

        return $made->facts(array_keys(array_filter(PlanSheet::fields(), fn (FieldSpec $f): bool => $f->group === $group)));
    }

    /**
     * @param  array<array-key, array-key>  $keys
     * @return array<string, mixed>
     */
    private function facts(array $keys): array
    {
        $fields = PlanSheet::fields();
        $facts = [];
        foreach ($keys as $key) {
            $spec = $fields[$key];
            $was = SoundPlan::VALUES[$key] ?? null;
            $facts[$key] = match (true) {
                $spec->choices !== [] => $this->oneOf(array_keys($spec->choices)),
                // What the sound plan has is moved a little, so that the rest still goes with it.
                is_numeric($was) => min($spec->most, max($spec->least, $was * $this->share(0.8, 1.25))),
                default => $this->number($spec),
            };
        }

        return $facts;
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function tables(): array
    {
        $tables = [];
        foreach (PlanTables::all() as $key => $table) {
            if (in_array($key, self::AS_THEY_ARE, true) || $this->chance->getInt(0, 2) === 0) {
                continue;
            }
            for ($n = 0, $rows = $this->chance->getInt(1, min($table->most, self::MOST_ROWS)); $n < $rows; $n++) {
                $row = ['id' => "{$key}-{$n}", 'name' => "{$table->word} {$n}"];
                foreach ($table->columns as $column) {
                    $value = $this->cell($column);
                    if ($value !== null) {
                        $row[$column->key] = $value;
                    }
                }
                $tables[$key][] = $row;
            }
        }

        return $tables;
    }

    private function cell(ColumnSpec $column): mixed
    {
        return match (true) {
            $column->otherwise !== null && $this->chance->getInt(0, 2) === 0 => null,
            $column->choices !== [] => $this->oneOf(array_keys($column->choices)),
            $column->letters > 0 => $column->otherwise === null ? 'as it was said' : null,
            $column->kind === null => $this->chance->getInt(0, 1) === 1,
            default => $this->number($column),
        };
    }

    /** Near the low end more often: most things are small for what they might be. */
    private function number(FieldSpec|ColumnSpec $spec): float
    {
        return round($spec->least + ($spec->most - $spec->least) * $this->share(0.02, 0.7) ** 2, 2);
    }

    private function share(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->chance->getInt(0, 1000) / 1000;
    }

    /**
     * @param  non-empty-list<int|string>  $choices
     */
    private function oneOf(array $choices): int|string
    {
        return $choices[$this->chance->getInt(0, count($choices) - 1)];
    }
}
