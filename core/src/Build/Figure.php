<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Saying;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
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
        /** The word with its code; null for a number, a name or a size. */
        public ?Sentence $says = null,
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

    /** In words of ours, or in names and sizes as they are given. */
    public static function words(
        string $key,
        Saying|Sentence|string $word,
        ?Sentence $note = null,
        Basis|Grounds $basis = Basis::Computed,
        ?Working $working = null,
    ): self {
        $says = $word instanceof Saying ? Sentence::of($word) : $word;

        return new self(
            key: $key,
            label: Topic::LABELS[$key],
            quantity: null,
            word: $says instanceof Sentence ? $says->in(Units::metric()) : $says,
            note: $note,
            grounds: self::grounds($basis),
            working: $working,
            needs: [],
            says: $says instanceof Sentence ? $says : null,
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
