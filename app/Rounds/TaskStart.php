<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Systems\System;
use App\Systems\SystemBrief;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Rounds\BuildJobs;
use Velbrin\Core\Rounds\OffWhile;
use Velbrin\Core\Rounds\TaskLibrary;
use Velbrin\Core\Rounds\TaskType as CoreType;

/** The company's own copy of the library, and a regime's standard set on a system (S-1, S-3). */
final class TaskStart
{
    public static function library(): void
    {
        foreach ([...TaskLibrary::all(), ...BuildJobs::all()] as $type) {
            $own = TaskType::query()->firstOrCreate(['key' => $type->key], [...self::columns($type), 'version_on' => Days::today()->toDateString()]);
            $own->sheets()->firstOrCreate(['version' => 1], ['steps' => $own->steps, 'cautions' => $own->cautions, 'products' => [], 'about' => $own->about, 'reason' => 'as the library has it']);
        }
    }

    /** @return array<string, mixed> */
    public static function columns(CoreType $type): array
    {
        return [
            'name' => $type->name, 'every_days' => $type->everyDays, 'minutes' => $type->minutes, 'steps' => $type->steps, 'cautions' => $type->cautions, 'off' => array_map(fn (OffWhile $o): string => $o->value, $type->off),
            'readings' => $type->readings, 'turns' => $type->turns, 'persons' => $type->persons, 'skill' => $type->skill, 'messy' => $type->messy, 'products' => [],
            'build' => $type->build, 'stage' => $type->stage, 'about' => ['purpose' => $type->purpose, 'whenNot' => $type->whenNot, 'tools' => $type->tools, 'materials' => $type->materials, 'proof' => $type->proof, 'record' => $type->record],
        ];
    }

    /** What the regime asks for and the system does not have yet, due from today on. */
    public static function standard(System $system): int
    {
        $has = Task::query()->where('system_id', $system->id)->pluck('task_type_id')->all();
        $made = 0;
        $facts = SystemBrief::read($system->loadMissing('vessels'))->values;
        $hoisted = array_filter([PlanField::TravelMm, PlanField::Sheaves, PlanField::WinchKg], fn (PlanField $f): bool => is_float($facts[$f->value] ?? null)) !== [];
        $standard = TaskLibrary::standard($system->regime, $hoisted);
        DB::transaction(function () use ($system, $has, $standard, &$made): void {
            foreach (TaskType::query()->current()->whereIn('key', array_keys($standard))->get() as $type) {
                if (! in_array($type->id, $has, true)) {
                    $task = new Task(['system_id' => $system->id, 'task_type_id' => $type->id, 'every_days' => $standard[$type->key], 'last_done_on' => Days::today()->toDateString()]);
                    $task->setRelation('type', $type)->settle();
                    $task->save();
                    $made++;
                }
            }
        });

        return $made;
    }
}
