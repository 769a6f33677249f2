<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Ladder;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The limits of a temperature alarm among harm and set point (X-25, R-48): harm low < alarm low < set < alarm high < harm high. */
final class AlarmLimits
{
    /**
     * @param  float  $setC  what the heating holds
     * @return list<Finding> what stands against them; nothing for a quantity without limits
     */
    public static function findings(
        string $name,
        ?AlarmQuantity $quantity,
        ?float $low,
        ?float $high,
        float $harmLowC,
        float $setC,
        float $harmHighC,
    ): array {
        $of = fn (Severity $severity, string $rule, string $what, string $why, string $remedy): Finding => Finding::of(
            $severity,
            $rule,
            'alarm',
            Sentence::of($what, ['name' => $name]),
            Sentence::of($why),
            Sentence::of($remedy),
            Basis::Computed,
        );
        if ($quantity === null || ($quantity->hasLimits() && $low === null && $high === null)) {
            return [
                $of(
                    Severity::Watch,
                    'R-48',
                    '{name}: nobody has said at which limit it calls',
                    'Until it is reached nobody knows; hours in hand are then only the most there can be.',
                    'Enter what it measures, and its limits.',
                ),
            ];
        }
        if ($quantity !== AlarmQuantity::Temperature) {
            return [];
        }
        try {
            $ladder = Ladder::of(
                array_filter(
                    [
                        'harmLow' => $harmLowC,
                        'alarmLow' => $low,
                        'heaterOff' => $setC,
                        'alarmHigh' => $high,
                        'harmHigh' => $harmHighC,
                    ],
                    fn (?float $rung): bool => $rung !== null,
                ),
            );
        } catch (OutOfRange) {
            return [];
        }
        $parts = [
            'name' => $name,
            'low' => Quantity::of($harmLowC, Kind::Temperature),
            'set' => Quantity::of($setC, Kind::Temperature),
            'high' => Quantity::of($harmHighC, Kind::Temperature),
        ];
        $said = array_map(
            fn (array $pair): Finding => Finding::of(
                Severity::Fix,
                'X-25',
                'alarm',
                Sentence::of(
                    match ($pair) {
                        ['harmLow', 'alarmLow'] => '{name}: its low limit lies at or under harm, {low}',
                        ['alarmLow', 'heaterOff'] => '{name}: its low limit lies at or over the set point, {set}',
                        ['heaterOff', 'alarmHigh'] => '{name}: its high limit lies at or under the set point, {set}',
                        default => '{name}: its high limit lies at or over harm, {high}',
                    },
                    $parts,
                ),
                Sentence::of(
                    $pair === ['harmLow', 'alarmLow'] || $pair === ['alarmHigh', 'harmHigh']
                        ? 'It sounds after the harm.'
                        : 'It would call every day, until nobody listens.',
                ),
                Sentence::of('A limit between {low} and {set}, and one between {set} and {high}.', $parts),
                Basis::Computed,
            ),
            $ladder->breaks,
        );

        return $said;
    }
}
