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
                Sentence::of('{item} was for now, and its end passed {days} ago', $parts),
                Sentence::of('{why}. What is for now stays for years unless somebody ends it.', $parts),
                Sentence::of('Put in what it stands for, or set a new end with its reason.'),
                Basis::Measured,
            )
            : Finding::of(
                Severity::Watch,
                'X-55',
                'item',
                Sentence::of('{item} is there for now, {days} more', $parts),
                Sentence::of('{why}.', $parts),
                Sentence::of('Order what replaces it.'),
                Basis::Measured,
            );
    }
}
