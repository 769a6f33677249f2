<?php

declare(strict_types=1);

namespace App\Clients\Views;

use Velbrin\Core\Build\FieldSpec;
use Velbrin\Core\Build\SurveySpec;

/** How one fact is asked for on a screen. Numbers in the core's unit; the screen converts. */
final readonly class FactSpecView
{
    /**
     * @param  array<string, string>  $choices
     * @param  list<string>  $in  asked only while the choice named by $when is one of these
     */
    private function __construct(
        public string $key,
        public string $group,
        public string $label,
        public ?string $kind,
        public float $least,
        public float $most,
        public array $choices,
        public string $hint,
        public bool $mayBeNone,
        public ?string $when,
        public array $in,
    ) {
    }

    public static function ofPlan(FieldSpec $spec): self
    {
        return new self(
            key: $spec->field->value,
            group: $spec->group,
            label: $spec->label,
            kind: $spec->kind?->value,
            least: $spec->least,
            most: $spec->most,
            choices: $spec->choices,
            hint: $spec->hint,
            mayBeNone: $spec->mayBeNone,
            when: $spec->when?->value,
            in: $spec->in,
        );
    }

    /** @param  array<string, string>  $choices */
    public static function ofSum(
        string $key,
        string $label,
        ?string $kind,
        float $least,
        float $most,
        array $choices,
        string $hint,
    ): self {
        return new self(
            key: $key,
            group: '',
            label: $label,
            kind: $kind,
            least: $least,
            most: $most,
            choices: $choices,
            hint: $hint,
            mayBeNone: false,
            when: null,
            in: [],
        );
    }

    public static function ofSurvey(SurveySpec $spec): self
    {
        return new self(
            key: $spec->key,
            group: $spec->group,
            label: $spec->label,
            kind: $spec->kind?->value,
            least: $spec->least,
            most: $spec->most,
            choices: $spec->choices,
            hint: '',
            mayBeNone: false,
            when: null,
            in: [],
        );
    }
}
