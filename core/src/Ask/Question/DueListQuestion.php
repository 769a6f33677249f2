<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Rounds\Due;
use Velbrin\Core\Rounds\Interval;

final class DueListQuestion implements Question
{
    public function line(): string
    {
        return 'Where tasks stand today: from when, due, overdue, each with the days left (S-2, X-40)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('today', 'day'),
            Field::rows(
                'tasks',
                'each with its last day',
                Input::of(
                    Field::text('key', 'name of the task'),
                    Field::number('doneDay', 'last done'),
                    Field::number('everyDays', 'due after', above: 0),
                    Field::number('earliestDays', 'may be done after; 0.7 of the interval when absent', 0)->optional(),
                    Field::number('latestDays', 'overdue after; 1.3 of the interval when absent', 0)->optional(),
                    Field::number('suspendedUntilDay', 'suspended on purpose, to be looked at then')->optional(),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'tasks',
                'most overdue first: key, standing, earliestDay, dueDay, latestDay, daysLeft to overdue',
                ['type' => 'array', 'items' => ['type' => 'object']],
            ),
        ];
    }

    public function answer(Given $given): array
    {
        $today = $given->number('today');
        $tasks = [];
        foreach ($given->rows('tasks') as $row) {
            $window = Interval::of(
                $row->number('everyDays'),
                $row->numberOrNull('earliestDays'),
                $row->numberOrNull('latestDays'),
            )->after($row->number('doneDay'));
            $suspended = ($row->numberOrNull('suspendedUntilDay') ?? -INF) > $today;
            $tasks[] = [
                'key' => $row->text('key'),
                'standing' => ($suspended ? Due::Suspended : $window->at($today))->value,
                'earliestDay' => $window->earliestDay,
                'dueDay' => $window->dueDay,
                'latestDay' => $window->latestDay,
                'daysLeft' => $window->latestDay - $today,
            ];
        }
        usort(
            $tasks,
            fn (array $a, array $b): int => [$a['standing'] === 'suspended' ? 1 : 0, $a['daysLeft'], $a['key']] <=> [
                $b['standing'] === 'suspended' ? 1 : 0,
                $b['daysLeft'],
                $b['key'],
            ],
        );

        return ['tasks' => $tasks];
    }
}
