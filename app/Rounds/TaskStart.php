<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\System;
use App\Systems\SystemBrief;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Rounds\BuildJobs;
use Velbrin\Core\Rounds\OffWhile;
use Velbrin\Core\Rounds\OnTheRecord;
use Velbrin\Core\Rounds\TaskLibrary;
use Velbrin\Core\Rounds\TaskType as CoreType;

/** The company's own copy of the library, and a regime's standard set on a system (S-1, S-3). */
final class TaskStart
{
    /** What the company has of it already stays as it is. */
    public static function library(): void
    {
        $whole = TaskType::query()
            ->whereHas('sheets', fn (Builder $sheet): Builder => $sheet->where('version', 1))
            ->pluck('key')
            ->all();
        foreach (self::types() as $type) {
            if (! in_array($type->key, $whole, true)) {
                self::own($type);
            }
        }
    }

    /** @return list<CoreType> */
    private static function types(): array
    {
        return [...TaskLibrary::all(), ...BuildJobs::all()];
    }

    private static function own(CoreType $type): TaskType
    {
        $own = TaskType::query()->firstOrCreate(
            ['key' => $type->key],
            [...self::columns($type), 'version_on' => Days::today()->toDateString()],
        );
        $own->sheets()->firstOrCreate(
            ['version' => 1],
            [
                'steps' => $own->steps,
                'holds' => $own->holds,
                'cautions' => $own->cautions,
                'products' => [],
                'about' => $own->about,
                'reason' => 'as the library has it',
            ],
        );

        return $own;
    }

    /** @return array<string, mixed> */
    public static function columns(CoreType $type): array
    {
        return [
            'name' => $type->name,
            'every_days' => $type->everyDays,
            'minutes' => $type->minutes,
            'steps' => $type->steps,
            'cautions' => $type->cautions,
            'off' => array_map(fn (OffWhile $o): string => $o->value, $type->off),
            'holds' => $type->holds,
            'readings' => $type->readings,
            'turns' => $type->turns,
            'persons' => $type->persons,
            'skill' => $type->skill,
            'messy' => $type->messy,
            'photo_first' => $type->photoFirst,
            'products' => [],
            'build' => $type->build,
            'stage' => $type->stage,
            'about' => [
                'purpose' => $type->purpose,
                'whenNot' => $type->whenNot,
                'tools' => $type->tools,
                'materials' => $type->materials,
                'proof' => $type->proof,
                'record' => $type->record,
            ],
        ];
    }

    /** A kind of job every company has, made with its sheet where it is missing. */
    public static function kind(string $key): TaskType
    {
        return TaskType::query()->where('key', $key)->first()
            ?? self::own(collect(self::types())->firstOrFail(fn (CoreType $t): bool => $t->key === $key));
    }

    /** What the regime asks for and the system does not have yet: never done, so due now. What its record makes pointless is left out. */
    public static function standard(System $system): StandardStart
    {
        self::library();
        $has = Task::query()->where('system_id', $system->id)->pluck('task_type_id')->all();
        $standard = TaskLibrary::standard($system->regime, self::onTheRecord($system));
        $types = TaskType::query()
            ->current()
            ->whereIn('key', array_keys($standard->everyDays + $standard->leftOut))
            ->get();
        $made = 0;
        DB::transaction(function () use ($system, $has, $standard, $types, &$made): void {
            foreach ($types as $type) {
                if (isset($standard->everyDays[$type->key]) && ! in_array($type->id, $has, true)) {
                    $task = new Task([
                        'system_id' => $system->id,
                        'task_type_id' => $type->id,
                        'every_days' => $standard->everyDays[$type->key],
                    ]);
                    $task->setRelation('type', $type)->settle();
                    $task->save();
                    $made++;
                }
            }
        });
        $names = $types->pluck('name', 'key');
        $leftOut = array_map(
            fn (string $key, string $why): string => lcfirst((string) ($names[$key] ?? $key)).": {$why}",
            array_keys($standard->leftOut),
            $standard->leftOut,
        );

        return new StandardStart($made, $leftOut);
    }

    /** Absent from a register that holds something is absent; an empty register says nothing. */
    public static function onTheRecord(System $system): OnTheRecord
    {
        $facts = SystemBrief::read($system->loadMissing('vessels'))->values;
        $jobs = DB::table('items')->where('system_id', $system->id)->whereNull('retired_at')->pluck('job')->all();
        $stands = fn (string ...$any): ?bool => $jobs === [] ? null : array_intersect($any, $jobs) !== [];
        $depth = $facts[PlanField::SandDepthMm->value] ?? null;
        $number = fn (PlanField $f): bool => is_float($facts[$f->value] ?? null);

        return new OnTheRecord(
            doser: $stands('doser'),
            sand: is_numeric($depth) ? $depth > 0 : null,
            alarm: $jobs === [] ? null : DB::table('alarms')->where('system_id', $system->id)->exists(),
            topOff: $stands('top-off'),
            skimmer: $stands('skimmer'),
            returnPump: $stands('return-pump'),
            battery: $stands('battery'),
            hoisted: $number(PlanField::TravelMm) || $number(PlanField::Sheaves) || $number(PlanField::WinchKg),
        );
    }
}
