<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\ColumnSpec;
use Velbrin\Core\Build\TableSpec;

/** How the rows of a plan's table are asked for on a screen. Numbers in the core's unit; the screen converts. */
final readonly class TableSpecView
{
    /**
     * @param  list<array{key: string, head: string, label: string, kind: string|null, choices: array<string, string>, flag: bool,
     *     letters: int, otherwise: string}>  $columns
     */
    private function __construct(public string $word, public int $most, public array $columns)
    {
    }

    public static function of(TableSpec $table): self
    {
        return new self(
            $table->word,
            $table->most,
            array_map(
                fn (ColumnSpec $c): array => [
                    'key' => $c->key,
                    'head' => $c->head,
                    'label' => $c->label,
                    'kind' => $c->kind?->value,
                    'choices' => $c->choices,
                    'flag' => $c->isFlag(),
                    'letters' => $c->letters,
                    'otherwise' => $c->otherwise ?? '',
                ],
                $table->columns,
            ),
        );
    }
}
