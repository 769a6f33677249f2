<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use Velbrin\Core\Measure\Kind;

/** One thing a sum asks for. */
final readonly class SumField
{
    /** @param  array<string, string>  $choices */
    private function __construct(
        public string $key,
        public string $label,
        public ?Kind $kind,
        public float $least,
        public float $most,
        public array $choices,
        /** What the record or habit says; shown as such until something is typed. */
        public float|string|null $known,
        public string $hint,
        public bool $optional,
    ) {
    }

    public static function number(
        string $key,
        string $label,
        Kind $kind,
        float $least,
        float $most,
        ?float $known = null,
        string $hint = '',
        bool $optional = false,
    ): self {
        return new self(
            key: $key,
            label: $label,
            kind: $kind,
            least: $least,
            most: $most,
            choices: [],
            known: $known === null ? null : round($known, $most >= 1000 ? 1 : 3),
            hint: $hint,
            optional: $optional,
        );
    }

    /** @param  non-empty-array<string, string>  $choices */
    public static function choice(string $key, string $label, array $choices, string $hint = ''): self
    {
        return new self(
            key: $key,
            label: $label,
            kind: null,
            least: 0,
            most: 0,
            choices: $choices,
            known: array_key_first($choices),
            hint: $hint,
            optional: false,
        );
    }
}
