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
        'floss' => Phrase::FreshFloss,
        'carbon' => Phrase::CarbonN,
        'reactor-media' => Phrase::ReactorMedia,
        'vessel-refill' => Phrase::DosingSolutions,
        'pump-soak' => Phrase::AcidBathGogglesGloves,
        'probe-calibration' => Phrase::CalibrationFluids,
        'lamp-change' => Phrase::LampsN,
        'ro-filters' => Phrase::ROFilters,
        'sand-topup' => Phrase::TowelsSocks,
    ];

    /**
     * @param  array<string, int>  $jobs  how many of each, by the job's key
     * @return list<Sentence>
     */
    public static function of(float $saltL, float $roL, float $sandKg, array $jobs): array
    {
        $list = [];
        foreach (
            [
                [Phrase::OfSaltWater, Quantity::of($saltL, Kind::Volume)],
                [Phrase::OfROWater, Quantity::of($roL, Kind::Volume)],
                [Phrase::OfSand, Quantity::of($sandKg, Kind::Mass)],
            ] as [$words, $much]
        ) {
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
