<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;

/** One column of a plan's table: words, unit kind and range; or a choice; or yes and no. */
final readonly class ColumnSpec
{
    /** @param  array<string, string>  $choices  value to words; empty unless it is a choice */
    private function __construct(
        public string $key,
        /** Head of the column. */
        public string $head,
        /** Said in full, for who hears the table. */
        public string $label,
        public ?Kind $kind,
        public float $least,
        public float $most,
        public array $choices,
        /** May stand empty: what counts then, or null when it must be said. */
        public ?string $otherwise,
        /** Free words up to so many characters; 0: none. */
        public int $letters = 0,
    ) {
    }

    public static function text(string $key, string $head, string $label, int $letters): self
    {
        return new self(
            key: $key,
            head: $head,
            label: $label,
            kind: null,
            least: 0,
            most: 0,
            choices: [],
            otherwise: '',
            letters: $letters,
        );
    }

    public static function number(string $key, string $head, string $label, Kind $kind, float $least, float $most): self
    {
        return new self(key: $key, head: $head, label: $label, kind: $kind, least: $least, most: $most, choices: [], otherwise: null);
    }

    /** @param  array<string, string>  $choices */
    public static function choice(string $key, string $head, string $label, array $choices): self
    {
        return new self(key: $key, head: $head, label: $label, kind: null, least: 0, most: 0, choices: $choices, otherwise: null);
    }

    public static function flag(string $key, string $head, string $label): self
    {
        return new self(key: $key, head: $head, label: $label, kind: null, least: 0, most: 0, choices: [], otherwise: '');
    }

    /** @param  string  $otherwise  what counts while it is empty, in words for the empty cell */
    public function or(string $otherwise): self
    {
        return new self(
            key: $this->key,
            head: $this->head,
            label: $this->label,
            kind: $this->kind,
            least: $this->least,
            most: $this->most,
            choices: $this->choices,
            otherwise: $otherwise,
            letters: $this->letters,
        );
    }

    public function isFlag(): bool
    {
        return $this->kind === null && $this->choices === [] && $this->letters === 0;
    }

    public function mayBeEmpty(): bool
    {
        return $this->otherwise !== null;
    }
}
