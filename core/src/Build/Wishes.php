<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What the client wished for, beside what the plan comes to: money and day (B-1). Nothing is bent to fit a wish. */
final class Wishes
{
    /**
     * @param  int|null  $budgetMinor  what they would spend, minor units, tax included; null: not said
     * @param  int  $totalMinor  what the quote comes to
     * @param  int  $unpriced  lines of it without a price
     * @param  int|null  $wantedDay  days from today; null: not said
     * @param  float|null  $standsDay  days from today at which it stands at the earliest; null while that is not known
     * @return list<Finding>
     */
    public static function findings(
        ?int $budgetMinor,
        int $totalMinor,
        int $unpriced,
        ?int $wantedDay,
        ?float $standsDay,
    ): array {
        $found = [];
        if ($budgetMinor !== null && $budgetMinor > 0) {
            $parts = [
                'share' => Quantity::of(100 * abs($totalMinor / $budgetMinor - 1), Kind::Percent),
                'n' => Quantity::of($unpriced, Kind::Count),
            ];
            $open = fn (Sentence $why): Sentence => $unpriced > 0
                ? Sentence::joined($why, Sentence::of(Phrase::OfItsLinesHaveNoPrice, $parts))
                : $why;
            $found[] =
                $totalMinor > $budgetMinor
                    ? self::finding(
                        Severity::Watch,
                        Sentence::of(Phrase::TheQuoteIsOverWhatThey, $parts),
                        $open(Sentence::of(Phrase::SaidNowItCostsATalk)),
                        Sentence::of(Phrase::AnotherOptionPhasesOrAWord),
                    )
                    : self::finding(
                        Severity::Fine,
                        Sentence::of(Phrase::TheQuoteStaysUnderWhatThey, $parts),
                        $open(Sentence::of(Phrase::WithTax)),
                    );
        }
        if ($wantedDay !== null && $standsDay !== null) {
            $late = ceil($standsDay) - $wantedDay;
            $parts = ['days' => Quantity::of(abs($late), Kind::Days)];
            $found[] =
                $late > 0
                    ? self::finding(
                        Severity::Watch,
                        Sentence::of(Phrase::ItStandsAfterTheDayThey, $parts),
                        Sentence::of(Phrase::LeakTestWaterAndCureTake),
                        Sentence::of(Phrase::SayItBeforeTheOrder),
                    )
                    : self::finding(
                        Severity::Fine,
                        Sentence::of(Phrase::ItStandsBeforeTheDayThey, $parts),
                        Sentence::of(Phrase::IfNothingIsLate),
                    );
        }

        return $found;
    }

    private static function finding(
        Severity $severity,
        Sentence $what,
        Sentence $why,
        ?Sentence $remedy = null,
    ): Finding {
        return Finding::of($severity, 'B-1', 'orders', $what, $why, $remedy, Basis::Recalled);
    }
}
