<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Plan;
use App\Build\PlanReader;
use App\House\TableRows;

/** The draft as typed, and beneath it what the survey brings. */
final readonly class PlanDraftView
{
    /**
     * @param  array<string, float|string>  $values
     * @param  array<string, string>  $bases
     * @param  array<string, list<array<string, float|string|bool|null>>>  $tables
     * @param  array<string, float|string>  $survey
     */
    private function __construct(
        public array $values,
        public array $bases,
        public array $tables,
        public array $survey,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $values = $bases = [];
        foreach (is_array($plan->draft['values'] ?? null) ? $plan->draft['values'] : [] as $key => $value) {
            if (is_int($value) || is_float($value) || is_string($value)) {
                $values[(string) $key] = is_string($value) ? $value : (float) $value;
            }
        }
        foreach (is_array($plan->draft['bases'] ?? null) ? $plan->draft['bases'] : [] as $key => $basis) {
            $bases[(string) $key] =
                is_array($basis) && is_string($basis['basis'] ?? null) ? $basis['basis'] : 'assumed';
        }

        return new self($values, $bases, TableRows::of($plan->draft), PlanReader::survey($plan->room)['values']);
    }
}
