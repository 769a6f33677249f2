<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;

/** How one fact is asked for: words, unit kind, range, choices. */
final readonly class FieldSpec
{
    /**
     * @param  array<string, string>  $choices  value to words; empty for numbers
     * @param  PlanField|null  $when  asked only while this choice is one of $in; null: always
     * @param  list<string>  $in
     */
    private function __construct(
        public PlanField $field,
        public string $group,
        public string $label,
        public ?Kind $kind,
        public float $least,
        public float $most,
        public array $choices,
        public string $hint,
        /** "None, on purpose" is an answer here. */
        public bool $mayBeNone,
        public ?PlanField $when,
        public array $in,
    ) {
    }

    public static function number(
        PlanField $field,
        string $group,
        string $label,
        Kind $kind,
        float $least,
        float $most,
        string $hint = '',
    ): self {
        return new self(
            field: $field,
            group: $group,
            label: $label,
            kind: $kind,
            least: $least,
            most: $most,
            choices: [],
            hint: $hint,
            mayBeNone: false,
            when: null,
            in: [],
        );
    }

    /** @param  array<string, string>  $choices */
    public static function choice(
        PlanField $field,
        string $group,
        string $label,
        array $choices,
        string $hint = '',
    ): self {
        return new self(
            field: $field,
            group: $group,
            label: $label,
            kind: null,
            least: 0,
            most: 0,
            choices: $choices,
            hint: $hint,
            mayBeNone: false,
            when: null,
            in: [],
        );
    }

    public function orNone(): self
    {
        return new self(
            field: $this->field,
            group: $this->group,
            label: $this->label,
            kind: $this->kind,
            least: $this->least,
            most: $this->most,
            choices: $this->choices,
            hint: $this->hint,
            mayBeNone: true,
            when: $this->when,
            in: $this->in,
        );
    }

    /** Asked only for these outlines of the display. */
    public function for(string ...$shapes): self
    {
        return $this->when(PlanField::Shape, ...$shapes);
    }

    /** Asked only while that choice is one of these. */
    public function when(PlanField $choice, string ...$in): self
    {
        return new self(
            field: $this->field,
            group: $this->group,
            label: $this->label,
            kind: $this->kind,
            least: $this->least,
            most: $this->most,
            choices: $this->choices,
            hint: $this->hint,
            mayBeNone: $this->mayBeNone,
            when: $choice,
            in: array_values($in),
        );
    }

    /** Whether these facts call for it. */
    public function isAsked(Facts $facts): bool
    {
        return $this->when === null ||
            ($facts->knows($this->when) && in_array($facts->word($this->when), $this->in, true));
    }
}
