<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Light\Hanging;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What hangs over water and people: each fixing must hold five times its worst share (B-53). */
final class Hung implements Asks, Topic
{
    public function keys(): array
    {
        return ['hangingKg'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-53.fixings', 'light', Phrase::DoTheFixingsHoldWhatHangs, self::fixings(...)),
            Check::safety('B-53.sheaves', 'light', Phrase::DoTheSheavesFixingsHold, self::sheaves(...)),
            Check::safety('B-53.winch', 'light', Phrase::DoesTheWinchHold, self::winch(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::LampsKg);
        $mass = $facts->numberOrNone(F::LampsKg);
        if ($mass === null) {
            return new TopicAnswer([Figure::words('hangingKg', Phrase::FigureNothingHangs, null, $facts->basis())]);
        }
        $facts->need(F::Fixings, F::BreakingKg);
        $hanging = self::hanging($facts, $mass);
        $needed = Quantity::of($hanging->neededKgEach, Kind::Mass);
        $working = Working::of(
            Topic::LABELS['hangingKg'],
            '5*m*s',
            [$facts->row('m', F::LampsKg), ['s', 'Worst share of one fixing', $hanging->worstShare, Kind::Factor]],
            $needed,
            'B-53',
        );
        $note = Sentence::of(Phrase::FiveTimesTheWorstShare);

        return new TopicAnswer([Figure::number('hangingKg', $needed, $note, $facts->basis(), $working)]);
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function fixings(Facts $facts): array
    {
        $facts->need(F::LampsKg);
        $mass = $facts->numberOrNone(F::LampsKg);
        if ($mass === null) {
            $what = Sentence::of(Phrase::NothingHangsOverTheWater);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-53',
                    'light',
                    $what,
                    Sentence::of(Phrase::TheLampsStandOnTheTank),
                    null,
                    $facts->basis(),
                ),
            ];
        }
        $facts->need(F::Fixings, F::BreakingKg);
        $hanging = self::hanging($facts, $mass);
        $breaking = $facts->number(F::BreakingKg);
        $parts = [
            'needed' => Quantity::of($hanging->neededKgEach, Kind::Mass)->apartFrom($breaking),
            'breaking' => Quantity::of($breaking, Kind::Mass)->apartFrom($hanging->neededKgEach),
            'mass' => Quantity::of($mass, Kind::Mass),
            'n' => Quantity::of(self::count($facts), Kind::Count),
            'share' => Quantity::of(100 * $hanging->worstShare, Kind::Percent),
        ];

        return [
            $hanging->ok
                ? Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of(Phrase::TheEnteredFixingsHoldWhatHangs, $parts),
                    why: Sentence::of(
                        Phrase::FixingAndCeilingToBeConfirmed,
                    ),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'hangingKg',
                )
                : Finding::of(
                    severity: Severity::Stop,
                    rule: 'B-53',
                    about: 'light',
                    what: Sentence::of(Phrase::EachFixingMustHold, $parts),
                    why: Sentence::of(
                        Phrase::HangFromOneMayCarry,
                        $parts,
                    ),
                    remedy: Sentence::of(
                        Phrase::MoreOrStrongerFixings,
                    ),
                    basis: $facts->basis(),
                    working: 'hangingKg',
                ),
        ];
    }

    /**
     * A sheave turning a cable bears both its ends, and as many cables as run over its block (B-53, B-84, B-92).
     *
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function sheaves(Facts $facts): array
    {
        $mass = self::hung($facts);
        if ($mass === null) {
            return [];
        }
        $facts->need(F::Sheaves);
        $sheaves = $facts->numberOrNone(F::Sheaves);
        if ($sheaves === null) {
            $what = Sentence::of(Phrase::NoSheaveTurnsACable);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-84',
                    'light',
                    $what,
                    Sentence::of(Phrase::EachPullGoesStraight),
                    null,
                    $facts->basis(),
                ),
            ];
        }
        $facts->need(F::Fixings, F::SheaveTurnDeg, F::SheaveBreakingKg);
        $pull = Hanging::cableKg($mass, self::count($facts), (int) $sheaves);
        $onBlock = $facts->number(F::CablesPerSheave);
        $needed = Hanging::FACTOR * $onBlock * Hanging::sheaveKg($pull, $facts->number(F::SheaveTurnDeg));
        $breaking = $facts->number(F::SheaveBreakingKg);
        $parts = [
            'pull' => Quantity::of($pull, Kind::Mass),
            'needed' => Quantity::of($needed, Kind::Mass)->apartFrom($breaking),
            'breaking' => Quantity::of($breaking, Kind::Mass)->apartFrom($needed),
            'n' => Quantity::of($onBlock, Kind::Count),
        ];
        $each = Sentence::of(
            $onBlock > 1 ? Phrase::CablesOfRunOverOneBlock : Phrase::EachCablePulls,
            $parts,
        );

        return [
            $breaking >= $needed
                ? Finding::of(
                    Severity::Fine,
                    'B-84',
                    'light',
                    Sentence::of(Phrase::TheSheavesFixingsHold, $parts),
                    Sentence::joined($each, Sentence::of(
                        Phrase::LookAtRope,
                    )),
                    null,
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Stop,
                    'B-53',
                    'light',
                    Sentence::of(Phrase::ASheavesFixingMustHold, $parts),
                    Sentence::joined($each, Sentence::of(
                        Phrase::TheSheaveThatTurnsItBears,
                    )),
                    Sentence::of(
                        Phrase::AStrongerFixing,
                    ),
                    $facts->basis(),
                ),
        ];
    }

    /**
     * At the drum it is more than the lamps weigh: each sheave gives on 96 % of the pull.
     *
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function winch(Facts $facts): array
    {
        $mass = self::hung($facts);
        if ($mass === null) {
            return [];
        }
        $facts->need(F::Sheaves);
        $sheaves = $facts->numberOrNone(F::Sheaves);
        if ($sheaves === null) {
            return [];
        }
        $facts->need(F::Fixings, F::WinchKg);
        $winch = $facts->numberOrNone(F::WinchKg);
        if ($winch === null) {
            return [];
        }
        $all = Hanging::cableKg($mass, self::count($facts), (int) $sheaves) * self::count($facts);
        $parts = [
            'winch' => Quantity::of($winch, Kind::Mass)->apartFrom($all),
            'all' => Quantity::of($all, Kind::Mass)->apartFrom($winch),
        ];

        return [
            $winch >= $all
                ? Finding::of(
                    Severity::Fine,
                    'B-53',
                    'light',
                    Sentence::of(Phrase::TheWinchIsRated, $parts),
                    Sentence::of(Phrase::ItsBrakeHoldsByItself),
                    null,
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Stop,
                    'B-53',
                    'light',
                    Sentence::of(Phrase::TheWinchIsRated, $parts),
                    Sentence::of(Phrase::SheavesGiveOn96),
                    Sentence::of(Phrase::AStrongerWinchWithABrake),
                    $facts->basis(),
                ),
        ];
    }

    /** @throws Missing while nobody has said whether anything hangs */
    private static function hung(Facts $facts): ?float
    {
        $facts->need(F::LampsKg);

        return $facts->numberOrNone(F::LampsKg);
    }

    private static function count(Facts $facts): int
    {
        return (int) round($facts->number(F::Fixings));
    }

    private static function hanging(Facts $facts, float $mass): Hanging
    {
        return Hanging::of(
            $mass,
            self::count($facts),
            $facts->number(F::BreakingKg),
            $facts->word(F::Equalised) === 'yes',
        );
    }
}
