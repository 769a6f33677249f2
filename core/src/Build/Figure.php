<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Working;

/** One answer of a plan: a number or a word with its basis and working, or what it waits for. */
final readonly class Figure
{
    /** @param  list<string>  $needs */
    private function __construct(
        public string $key,
        public string $label,
        public ?Quantity $quantity,
        public ?string $word,
        public ?Sentence $note,
        public Grounds $grounds,
        public ?Working $working,
        public array $needs,
    ) {
    }

    public static function number(
        string $key,
        Quantity $quantity,
        ?Sentence $note = null,
        Basis|Grounds $basis = Basis::Computed,
        ?Working $working = null,
    ): self {
        return new self(
            key: $key,
            label: Topic::LABELS[$key],
            quantity: $quantity,
            word: null,
            note: $note,
            grounds: self::grounds($basis),
            working: $working,
            needs: [],
        );
    }

    public static function words(
        string $key,
        string $word,
        ?Sentence $note = null,
        Basis|Grounds $basis = Basis::Computed,
        ?Working $working = null,
    ): self {
        return new self(
            key: $key,
            label: Topic::LABELS[$key],
            quantity: null,
            word: $word,
            note: $note,
            grounds: self::grounds($basis),
            working: $working,
            needs: [],
        );
    }

    /** @param  list<string>  $fields */
    public static function waiting(string $key, array $fields): self
    {
        return new self(
            key: $key,
            label: Topic::LABELS[$key],
            quantity: null,
            word: null,
            note: null,
            grounds: Grounds::plain(Basis::Assumed),
            working: null,
            needs: $fields,
        );
    }

    private static function grounds(Basis|Grounds $basis): Grounds
    {
        return $basis instanceof Grounds ? $basis : Grounds::plain($basis);
    }
}
