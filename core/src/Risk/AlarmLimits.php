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
     * @param  bool|null  $isLowest  a leak’s sensor lies where the floor is lowest; null: nobody has said
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
        ?bool $isLowest = null,
    ): array {
        $of = fn (Severity $severity, string $rule, Phrase $what, Phrase $why, Phrase $remedy): Finding => Finding::of(
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
                    Phrase::NobodyHasSaidAtWhichLimit,
                    Phrase::UntilItIsReachedNobodyKnows,
                    Phrase::EnterWhatItMeasures,
                ),
            ];
        }
        if ($quantity === AlarmQuantity::Leak && $isLowest !== true) {
            return [
                $of(
                    $isLowest === null ? Severity::Watch : Severity::Fix,
                    'X-24',
                    $isLowest === null ? Phrase::NobodyHasSaidWhetherItLiesLowest : Phrase::ItDoesNotLieLowest,
                    Phrase::WaterRunsPastIt,
                    Phrase::PourACupfulAndSeeWhereItRuns,
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
                        ['harmLow', 'alarmLow'] => Phrase::ItsLowLimitLies,
                        ['alarmLow', 'heaterOff'] => Phrase::ItsLowLimitLiesAt,
                        ['heaterOff', 'alarmHigh'] => Phrase::ItsHighLimitLies,
                        default => Phrase::ItsHighLimitLiesAt,
                    },
                    $parts,
                ),
                Sentence::of(
                    $pair === ['harmLow', 'alarmLow'] || $pair === ['alarmHigh', 'harmHigh']
                        ? Phrase::ItSoundsAfterTheHarm
                        : Phrase::ItWouldCallEveryDay,
                ),
                Sentence::of(Phrase::ALimitBetween, $parts),
                Basis::Computed,
            ),
            $ladder->breaks,
        );

        return $said;
    }
}
