<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** All changes of a system on one calendar: a second one while the first still settles hides what either did (X-54). */
final class ChangesCalendar
{
    public const SETTLES_DAYS = 7.0;

    /**
     * @param  list<array{day: float, text: string}>  $changes  days counted from any fixed moment
     * @return list<Finding> only of what still settles
     */
    public static function findings(array $changes, float $today): array
    {
        usort($changes, fn (array $a, array $b): int => $a['day'] <=> $b['day']);
        $findings = [];
        foreach (array_slice($changes, 1) as $i => $second) {
            $first = $changes[$i];
            if ($second['day'] - $first['day'] >= self::SETTLES_DAYS || $today - $second['day'] >= self::SETTLES_DAYS) {
                continue;
            }
            $parts = [
                'first' => self::short($first['text']),
                'second' => self::short($second['text']),
                'apart' => Quantity::of($second['day'] - $first['day'], Kind::Days),
                'settles' => Quantity::of(self::SETTLES_DAYS, Kind::Days),
            ];
            $findings[] = Finding::of(
                Severity::Watch,
                'X-54',
                'display',
                Sentence::of(Phrase::CameAfter, $parts),
                Sentence::of(
                    Phrase::AChangeSettles,
                    $parts,
                ),
                Sentence::of(Phrase::LeaveTheRest),
                Basis::Measured,
            );
        }

        return $findings;
    }

    private static function short(string $text): string
    {
        return mb_strlen($text) > 60 ? mb_substr($text, 0, 59).'…' : $text;
    }
}
