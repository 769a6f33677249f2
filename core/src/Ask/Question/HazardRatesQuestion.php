<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Rate\Rates;

final class HazardRatesQuestion implements Question
{
    public function line(): string
    {
        return 'How often what stands there fails in a year at its age, and how often it is dead unseen (R-20, R-54, R-57, R-58)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::rows('items', 'what stands there', Input::of(
                Field::text('id', 'its name'),
                Field::choice('job', 'what it is for', array_map(fn (Job $j): string => $j->value, Job::cases())),
                Field::number('ageYears', 'absent: nobody knows', 0, 100)->optional(),
                Field::number('provenYears', 'years since it was proved; absent: never', 0, 100)->optional(),
            )),
            Field::number('systemYears', 'age of the system, where an item’s is not known', 0, 200, default: 0),
            Field::numbers('cutHours', 'lengths of power cuts asked after')->optional(),
            Field::map('rates', 'what the company has counted itself, by name')->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'items',
                'by id: low, likely and high failures a year (null: nobody counts them), deadUnseen',
                ['type' => 'object'],
            ),
            Field::any('cutsPerYear', 'power cuts that last so long or longer, by hours', ['type' => 'object']),
        ];
    }

    public function answer(Given $given): array
    {
        $rates = Rates::with($given->mapOr('rates'));
        $system = $given->number('systemYears');
        $items = [];
        foreach ($given->rows('items') as $row) {
            $job = Job::from($row->text('job'));
            $age = $row->numberOrNull('ageYears');
            $rate = $rates->yearly($job, $age, $system);
            $since = $row->numberOrNull('provenYears') ?? $age ?? $system;
            $items[$row->text('id')] = [
                'low' => $rate?->low,
                'likely' => $rate?->likely,
                'high' => $rate?->high,
                'deadUnseen' => $rates->hidden($job, max(0.0, ($age ?? $system) - $since), $since),
            ];
        }
        $cuts = [];
        foreach ($given->mapOr('cutHours') as $hours) {
            $cuts[(string) $hours] = $rates->outagesOf($hours);
        }

        return ['items' => (object) $items, 'cutsPerYear' => (object) $cuts];
    }
}
