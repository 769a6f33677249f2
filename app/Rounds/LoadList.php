<?php

declare(strict_types=1);

namespace App\Rounds;

use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\TakesAlong;

/** What goes into the van for a visit, or a day of them: water, what the jobs need, what was promised (S-24). */
final class LoadList
{
    /** @return list<string> what its jobs need; what was missing last time its page asks for itself */
    public static function into(Visit $visit, Units $units): array
    {
        return self::needed(collect([$visit->loadMissing(['tasks.type'])]), $units);
    }

    public static function missed(string $text): string
    {
        return "missing last time: {$text}";
    }

    /**
     * What was missing there last time (X-46).
     *
     * @param  Collection<int, Visit>  $visits
     * @return list<string>
     */
    private static function missing(Collection $visits): array
    {
        $systems = $visits->flatMap(fn (Visit $v): array => $v->tasks->pluck('system_id')->all())->unique()->all();
        $bring = FollowUp::query()
            ->where('kind', 'bring')
            ->whereNull('done_at')
            ->whereIn('system_id', $systems)
            ->whereNotIn('visit_id', $visits->pluck('id'))
            ->orderBy('id')
            ->limit(20)
            ->pluck('text');

        return array_values(
            $bring->unique()->map(fn (mixed $text): string => self::missed(is_string($text) ? $text : ''))->all(),
        );
    }

    /**
     * @param  Collection<int, Visit>  $visits  loaded with tasks.type
     * @return list<string>
     */
    public static function of(Collection $visits, Units $units): array
    {
        return [...self::needed($visits, $units), ...self::missing($visits)];
    }

    /**
     * @param  Collection<int, Visit>  $visits  loaded with tasks.type
     * @return list<string>
     */
    private static function needed(Collection $visits, Units $units): array
    {
        /** @var array<string, int> $jobs */
        $jobs = $visits
            ->flatMap(fn (Visit $v): array => $v->tasks->map(fn (VisitTask $t): string => (string) $t->type?->key)->all())
            ->countBy()
            ->all();

        return array_map(
            fn (Sentence $s): string => $s->in($units),
            TakesAlong::of(
                saltL: (float) $visits->sum('salt_l'),
                roL: (float) $visits->sum('ro_l'),
                sandKg: (float) $visits->flatMap(fn (Visit $v): array => $v->tasks->pluck('kg')->all())->sum(),
                jobs: $jobs,
            ),
        );
    }
}
