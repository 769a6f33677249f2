<?php

declare(strict_types=1);

namespace App\Rounds;

use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Rounds\JobSheet;
use Velbrin\Core\Rounds\SheetStep;
use Velbrin\Core\Rounds\SiteDoes;
use Velbrin\Core\Rounds\SiteStep as CoreStep;

/** The reader between job sheets with their places' differences and the core, and what a visit keeps of them. */
final class JobSheets
{
    /**
     * @param  array<int, int>  $products
     * @param  list<string>  $steps
     * @param  Collection<int, stdClass>  $own  rows of site_steps for that job
     * @param  list<int>  $holds
     * @return list<SheetStep>
     */
    public static function at(array $steps, array $products, Collection $own, array $holds = []): array
    {
        return JobSheet::at(
            $steps,
            array_values(
                $own
                    ->sortBy('id')
                    ->map(
                        fn (stdClass $s): CoreStep => new CoreStep(
                            (int) $s->step,
                            SiteDoes::from((string) $s->does),
                            (string) $s->text,
                            (string) $s->why,
                            $s->attachment_id === null ? null : (int) $s->attachment_id,
                        ),
                    )
                    ->all(),
            ),
            $products,
            $holds,
        );
    }

    /** A visit that begins keeps the sheets in force at that moment: a later version does not move its ticks. */
    public static function keep(Visit $visit, CarbonImmutable $at): void
    {
        $tasks = $visit->tasks()->with('type')->whereNull('sheet')->get();
        $versions = JobSheetVersion::query()
            ->whereIn('task_type_id', $tasks->pluck('task_type_id'))
            ->where('created_at', '<=', $at)
            ->orderBy('version')
            ->get()
            ->keyBy('task_type_id');
        $own = DB::table('site_steps')
            ->where('site_id', $visit->site_id)
            ->where('created_at', '<=', $at)
            ->where(fn ($q) => $q->whereNull('archived_at')->orWhere('archived_at', '>', $at))
            ->get()
            ->groupBy('task_type_id');
        foreach ($tasks as $task) {
            $sheet = $versions->get($task->task_type_id);
            $type = $task->type;
            if ($type === null) {
                continue;
            }
            $steps = self::at(
                $sheet->steps ?? $type->steps,
                $sheet->products ?? $type->products,
                $own[$task->task_type_id] ?? collect(),
                $sheet->holds ?? $type->holds,
            );
            $task->update([
                'sheet' => [
                    'version' => $sheet->version ?? $type->version,
                    'on' => ($sheet->created_at ?? $type->version_on)?->toDateString(),
                    'steps' => array_map(get_object_vars(...), $steps),
                    'cautions' => $sheet->cautions ?? $type->cautions,
                ],
            ]);
        }
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @return list<SheetStep>
     */
    public static function read(array $kept): array
    {
        $text = fn (mixed $v): ?string => is_string($v) ? $v : null;
        $number = fn (mixed $v): ?int => is_int($v) ? $v : null;

        return array_values(
            array_map(
                fn (array $s): SheetStep => new SheetStep(
                    text: (string) $text($s['text'] ?? null),
                    was: $text($s['was'] ?? null),
                    why: $text($s['why'] ?? null),
                    photo: $number($s['photo'] ?? null),
                    product: $number($s['product'] ?? null),
                    left: ($s['left'] ?? false) === true,
                    adrift: ($s['adrift'] ?? false) === true,
                    hold: ($s['hold'] ?? false) === true,
                ),
                array_filter($kept, is_array(...)),
            ),
        );
    }
}
