<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What goes into the van for the jobs of a visit, or a day of them (S-24). */
final class TakesAlong
{
    /** By job; with a number where each job takes one of its own. */
    private const FOR_JOB = [
        'floss' => 'fresh floss ×{n}',
        'carbon' => 'carbon ×{n}',
        'reactor-media' => 'reactor media ×{n}',
        'vessel-refill' => 'dosing solutions ×{n}',
        'pump-soak' => 'acid bath, goggles, gloves',
        'probe-calibration' => 'calibration fluids',
        'lamp-change' => 'lamps ×{n}',
        'ro-filters' => 'RO filters ×{n}',
        'sand-topup' => 'towels, socks',
    ];

    /**
     * @param  array<string, int>  $jobs  how many of each, by the job's key
     * @return list<Sentence>
     */
    public static function of(float $saltL, float $roL, float $sandKg, array $jobs): array
    {
        $amounts = [
            '{much} of salt water' => Quantity::of($saltL, Kind::Volume),
            '{much} of RO water' => Quantity::of($roL, Kind::Volume),
            '{much} of sand' => Quantity::of($sandKg, Kind::Mass),
        ];
        $list = [];
        foreach ($amounts as $words => $much) {
            if ($much->value > 0) {
                $list[] = Sentence::of($words, ['much' => $much]);
            }
        }
        foreach (self::FOR_JOB as $job => $words) {
            if (($jobs[$job] ?? 0) > 0) {
                $list[] = Sentence::of($words, ['n' => (string) $jobs[$job]]);
            }
        }

        return $list;
    }
}
