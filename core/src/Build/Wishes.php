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
            $open = $unpriced > 0 ? ' {n} of its lines have no price yet.' : '';
            $found[] =
                $totalMinor > $budgetMinor
                    ? self::finding(
                        Severity::Watch,
                        Sentence::of('The quote is {share} over what they would spend', $parts),
                        Sentence::of('Said now it costs a talk, said later a build half done.'.$open, $parts),
                        Sentence::of('Another option, phases, or a word with the client.'),
                    )
                    : self::finding(
                        Severity::Fine,
                        Sentence::of('The quote stays {share} under what they would spend', $parts),
                        Sentence::of('With tax.'.$open, $parts),
                    );
        }
        if ($wantedDay !== null && $standsDay !== null) {
            $late = ceil($standsDay) - $wantedDay;
            $parts = ['days' => Quantity::of(abs($late), Kind::Days)];
            $found[] =
                $late > 0
                    ? self::finding(
                        Severity::Watch,
                        Sentence::of('It stands {days} after the day they wish for', $parts),
                        Sentence::of('Leak test, water and cure take their days; animals come weeks after that.'),
                        Sentence::of('Say it before the order, or begin with what takes longest.'),
                    )
                    : self::finding(
                        Severity::Fine,
                        Sentence::of('It stands {days} before the day they wish for', $parts),
                        Sentence::of('If nothing is late; animals come weeks after that.'),
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
