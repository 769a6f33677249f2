<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;

/** How one fact is asked for: words, unit kind, range, choices. */
final readonly class FieldSpec
{
    /**
     * @param  array<string, string>  $choices  value to words; empty for numbers
     * @param  list<string>  $shapes  asked only for these; empty for all
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
        public array $shapes,
    ) {
    }

    public static function number(PlanField $field, string $group, string $label, Kind $kind, float $least, float $most, string $hint = ''): self
    {
        return new self($field, $group, $label, $kind, $least, $most, [], $hint, false, []);
    }

    /** @param  array<string, string>  $choices */
    public static function choice(PlanField $field, string $group, string $label, array $choices, string $hint = ''): self
    {
        return new self($field, $group, $label, null, 0, 0, $choices, $hint, false, []);
    }

    public function orNone(): self
    {
        return new self($this->field, $this->group, $this->label, $this->kind, $this->least, $this->most, $this->choices, $this->hint, true, $this->shapes);
    }

    public function for(string ...$shapes): self
    {
        return new self($this->field, $this->group, $this->label, $this->kind, $this->least, $this->most, $this->choices, $this->hint, $this->mayBeNone, array_values($shapes));
    }
}
