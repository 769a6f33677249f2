<?php

declare(strict_types=1);

namespace App\Rounds;

use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

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
        $list = [];
        $salt = (float) $visits->sum('salt_l');
        $ro = (float) $visits->sum('ro_l');
        if ($salt > 0) {
            $list[] = $units->show(Quantity::of($salt, Kind::Volume)).' of salt water';
        }
        if ($ro > 0) {
            $list[] = $units->show(Quantity::of($ro, Kind::Volume)).' of RO water';
        }
        $sand = (float) $visits->flatMap(fn (Visit $v): array => $v->tasks->pluck('kg')->all())->sum();
        if ($sand > 0) {
            $list[] = $units->show(Quantity::of($sand, Kind::Mass)).' of sand';
        }
        $count = $visits
            ->flatMap(fn (Visit $v): array => $v->tasks->map(fn (VisitTask $t): string => (string) $t->type?->key)->all())
            ->countBy();
        foreach (
            [
                'floss' => 'fresh floss ×%d',
                'carbon' => 'carbon ×%d',
                'reactor-media' => 'reactor media ×%d',
                'vessel-refill' => 'dosing solutions ×%d',
                'pump-soak' => 'acid bath, goggles, gloves',
                'probe-calibration' => 'calibration fluids',
                'lamp-change' => 'lamps ×%d',
                'ro-filters' => 'RO filters ×%d',
                'sand-topup' => 'towels, socks',
            ] as $key => $words
        ) {
            if ($count->get($key, 0) > 0) {
                $list[] = str_contains($words, '%d') ? sprintf($words, $count->get($key)) : $words;
            }
        }

        return $list;
    }
}
