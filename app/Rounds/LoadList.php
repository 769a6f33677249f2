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
    /** @return list<string> */
    public static function into(Visit $visit, Units $units): array
    {
        return self::of(collect([$visit->loadMissing(['tasks.type'])]), $units);
    }

    /**
     * @param  Collection<int, Visit>  $visits  loaded with tasks.type
     * @return list<string>
     */
    public static function of(Collection $visits, Units $units): array
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
        $count = $visits->flatMap(fn (Visit $v): array => $v->tasks->map(fn (VisitTask $t): string => (string) $t->type?->key)->all())->countBy();
        foreach (['floss' => 'fresh floss ×%d', 'carbon' => 'carbon ×%d', 'reactor-media' => 'reactor media ×%d', 'vessel-refill' => 'dosing solutions ×%d', 'pump-soak' => 'acid bath, goggles, gloves', 'probe-calibration' => 'calibration fluids', 'lamp-change' => 'lamps ×%d', 'ro-filters' => 'RO filters ×%d', 'sand-topup' => 'sand, towels, socks'] as $key => $words) {
            if ($count->get($key, 0) > 0) {
                $list[] = str_contains($words, '%d') ? sprintf($words, $count->get($key)) : $words;
            }
        }

        return $list;
    }
}
