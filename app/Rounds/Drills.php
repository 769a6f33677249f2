<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\Item;
use App\Systems\System;
use App\Systems\SystemBrief;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Fault\FromFacts;

/** Proofs and drills as jobs of a round: what stands by alone, the emergency drain, the battery, a rehearsed cut (R-43, E-6). */
final class Drills
{
    /** Jobs that hang on devices, and not on a household that would have to be told. */
    private const OF_DEVICES = ['standby-test', 'battery-test'];

    /** @return int how many were put into the round; what is there already stays as it is */
    public static function plan(System $system): int
    {
        return self::put($system, self::keys($system));
    }

    /** Those a device brings with it. */
    public static function ofDevices(System $system): int
    {
        return self::put($system, array_values(array_intersect(self::keys($system), self::OF_DEVICES)));
    }

    /** @param  list<string>  $keys */
    private static function put(System $system, array $keys): int
    {
        $has = Task::query()->where('system_id', $system->id)->pluck('task_type_id')->all();
        $made = 0;
        DB::transaction(function () use ($system, $has, $keys, &$made): void {
            foreach ($keys as $key) {
                $type = TaskStart::kind($key);
                if (in_array($type->id, $has, true)) {
                    continue;
                }
                $task = new Task(['system_id' => $system->id, 'task_type_id' => $type->id, 'every_days' => $type->every_days]);
                $task->setRelation('type', $type)->settle();
                $task->save();
                $made++;
            }
        });

        return $made;
    }

    /** @return list<string> kinds of jobs that make sense here */
    private static function keys(System $system): array
    {
        $system->loadMissing(['items', 'vessels']);
        $stands = fn (Job $job): int => $system->items->filter(fn (Item $i): bool => $i->job === $job && $i->retired_at === null)->count();

        return array_keys(array_filter([
            'power-drill' => true,
            'contacts' => true,
            'standby-test' => $stands(Job::Heater) > 1,
            'battery-test' => $stands(Job::Battery) > 0,
            'drain-test' => FromFacts::hasEmergencyDrain(Facts::of(SystemBrief::running($system))),
        ]));
    }
}
