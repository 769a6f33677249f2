<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** One parameter's judgement in a sentence (C-5): a number, its way, and the days left in the band. */
final class ReadingFinding
{
    /** A series that leaves its band within this is worth saying, days. */
    public const SOON_DAYS = 14.0;

    /**
     * @param  float|null  $daysToLeave  counted from now; 0 when outside, null when it stays
     * @param  float|null  $ratePerDay  largest wanted change a day
     * @param  Band|null  $band  so that rounding hides no verdict (C-61)
     */
    public static function of(
        Measured $parameter,
        float $latest,
        Standing $standing,
        ?float $slopePerDay,
        bool $steady,
        ?float $daysToLeave,
        ?float $ratePerDay = null,
        ?Band $band = null,
    ): ?Finding {
        $fast = $ratePerDay !== null && $slopePerDay !== null && ! $steady && abs($slopePerDay) > $ratePerDay;
        if (! $fast && ! $standing->outside() && ($daysToLeave === null || $daysToLeave > self::SOON_DAYS)) {
            return null;
        }
        $parts = [
            'name' => $parameter->label(),
            'value' => Quantity::of($latest, $parameter->kind())->apartFrom(...$band?->limits() ?? []),
            'days' => Quantity::of($daysToLeave ?? 0, Kind::Days),
        ];
        $way = self::way($parameter, $slopePerDay, $steady);

        return match (true) {
            $standing->asksToAct() => Finding::of(
                Severity::Fix,
                'C-3',
                $parameter->key(),
                Sentence::of(Phrase::NameValueStanding, [...$parts, 'standing' => $standing->words()]),
                $way,
                Sentence::of(Phrase::DoubtTheInstrumentFirst),
                Basis::Measured,
            ),
            $standing->outside() => Finding::of(
                Severity::Watch,
                'C-3',
                $parameter->key(),
                Sentence::of(Phrase::NameValueStanding, [...$parts, 'standing' => $standing->words()]),
                $way,
                Sentence::of(Phrase::BringItBackInSteps),
                Basis::Measured,
            ),
            $fast && ($daysToLeave === null || $daysToLeave > self::SOON_DAYS) => Finding::of(
                Severity::Watch,
                'C-3',
                $parameter->key(),
                Sentence::of(Phrase::MovesFasterThanADay, [
                    ...$parts,
                    'rate' => Quantity::of($ratePerDay, $parameter->differenceKind()),
                ]),
                $way,
                Sentence::of(Phrase::LookAtWhatChanged),
                Basis::Measured,
            ),
            default => Finding::of(
                Severity::Watch,
                'C-5',
                $parameter->key(),
                Sentence::of(
                    $daysToLeave < 0.5 ? Phrase::LeavesTheBandToday : Phrase::LeavesTheBandIn,
                    $parts,
                ),
                $way,
                Sentence::of(Phrase::ReadItAgainBeforeThen),
                Basis::Measured,
            ),
        };
    }

    /** "falling 0.09 dKH a day", "steady", "needs more readings". */
    public static function way(Measured $parameter, ?float $slopePerDay, bool $steady): Sentence
    {
        if ($slopePerDay === null) {
            return Sentence::of(Phrase::NeedsMoreReadingsBeforeItSays);
        }
        if ($steady) {
            return Sentence::of(Phrase::SteadyWithinWhatTheKitCan);
        }

        return Sentence::of($slopePerDay < 0 ? Phrase::FallingADay : Phrase::RisingADay, [
            'slope' => Quantity::of(abs($slopePerDay), $parameter->differenceKind())->finer(
                $parameter->kind() === Kind::Concentration ? 0 : 2,
            ),
        ]);
    }
}
