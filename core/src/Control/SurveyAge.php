<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** A light or flow survey holds for twelve months, or until a lamp, a height, a pump or the scape changes (B-83). */
final class SurveyAge
{
    public const HOLDS_DAYS = 365.0;

    /** Said once it no longer holds. Days count from any fixed moment. @param  string  $what  light or flow */
    public static function finding(string $what, float $readDay, float $nowDay): ?Finding
    {
        $age = $nowDay - $readDay;
        if ($age <= self::HOLDS_DAYS) {
            return null;
        }
        $parts = ['what' => ucfirst($what), 'age' => Quantity::of($age, Kind::Days)];

        return Finding::of(
            Severity::Watch,
            'B-83',
            $what === 'light' ? 'light' : 'display',
            Sentence::of(Phrase::WasLastMeasuredAgo, $parts),
            Sentence::of(Phrase::ASurveyHoldsForAYear),
            Sentence::of(Phrase::MeasureAtTheSamePointsAgain),
            Basis::Measured,
        );
    }
}
