<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\Item;
use Illuminate\Support\Collection;

/** What outlets and sensors are for, counted where there are several: the second heater here is the second heater there. */
final class RoleKeys
{
    /** @return array<string, string> “heater#2”, “probe temperature sump#1”, by key here; an outlet nothing hangs on has none */
    public static function of(Controller $controller, WholeSetUp $whole): array
    {
        $roles = $counts = [];
        foreach ($whole->outlets($controller)->sortBy('name', SORT_NATURAL) as $outlet) {
            $first = self::first($outlet->items);
            if ($first !== null) {
                self::count($roles, $counts, $outlet->key(), $first->job->value);
            }
        }
        foreach ($controller->sensors->where('archived_at', null)->sortBy('id') as $sensor) {
            self::count($roles, $counts, $sensor->key(), trim("{$sensor->kind} {$sensor->quantity} {$sensor->hangs_in}"));
        }

        return $roles;
    }

    /** @param  Collection<int, Item>  $items */
    private static function first(Collection $items): ?Item
    {
        return $items->sortBy('id')->first();
    }

    /**
     * @param  array<string, string>  $roles
     * @param  array<string, int>  $counts
     */
    private static function count(array &$roles, array &$counts, string $key, string $role): void
    {
        $counts[$role] = ($counts[$role] ?? 0) + 1;
        $roles[$key] = "{$role}#{$counts[$role]}";
    }
}
