<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What stands in for something else keeps its reason and its end, and is shown until it is gone (X-55). */
final class Makeshift
{
    /** Days count from any fixed moment. */
    public static function finding(string $item, string $why, float $untilDay, float $nowDay): Finding
    {
        $left = $untilDay - $nowDay;
        $parts = ['item' => $item, 'why' => $why, 'days' => Quantity::of(abs($left), Kind::Days)];

        return $left < 0
            ? Finding::of(
                Severity::Fix,
                'X-55',
                'item',
                Sentence::of(Phrase::WasForNow, $parts),
                Sentence::of(Phrase::WhatIsForNowStays, $parts),
                Sentence::of(Phrase::PutInWhatItStands),
                Basis::Measured,
            )
            : Finding::of(
                Severity::Watch,
                'X-55',
                'item',
                Sentence::of(Phrase::IsThereForNow, $parts),
                Sentence::of(Phrase::Why, $parts),
                Sentence::of(Phrase::OrderWhatReplacesIt),
                Basis::Measured,
            );
    }
}
