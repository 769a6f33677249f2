<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;

/** One fact of a room as the survey asks for it. */
final readonly class SurveySpec
{
    /** @param  array<string, string>  $choices value to words; empty for numbers and free words */
    private function __construct(
        public string $key,
        public string $group,
        public string $label,
        public ?Kind $kind,
        public float $least,
        public float $most,
        public array $choices,
        /** The plan fact it becomes, if any. */
        public ?PlanField $plan,
        /** What cannot be said without it. */
        public string $dependsOn,
    ) {
    }

    public static function number(
        string $key,
        string $group,
        string $label,
        Kind $kind,
        float $least,
        float $most,
        string $dependsOn,
    ): self {
        return new self(
            key: $key,
            group: $group,
            label: $label,
            kind: $kind,
            least: $least,
            most: $most,
            choices: [],
            plan: null,
            dependsOn: $dependsOn,
        );
    }

    public static function words(string $key, string $group, string $label, string $dependsOn): self
    {
        return new self(
            key: $key,
            group: $group,
            label: $label,
            kind: null,
            least: 0,
            most: 0,
            choices: [],
            plan: null,
            dependsOn: $dependsOn,
        );
    }

    /** A fact the plan sheet asks for too: its words, range and choices are the plan's. */
    public static function ofPlan(
        string $key,
        string $group,
        PlanField $field,
        string $dependsOn,
        ?string $label = null,
    ): self {
        $spec = PlanSheet::spec($field);

        return new self(
            key: $key,
            group: $group,
            label: $label ?? $spec->label,
            kind: $spec->kind,
            least: $spec->least,
            most: $spec->most,
            choices: $spec->choices,
            plan: $field,
            dependsOn: $dependsOn,
        );
    }
}
