<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OnRecord;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterBank;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The heaters that stand in a running system, judged as they are (B-41, R-49, R-50). The rooms are weighed already. */
final class RegisteredHeat
{
    /**
     * @throws Missing while the watts of one are not written down
     * @throws OutOfRange
     */
    public static function answer(Facts $facts, TankHeat $heat, OnRecord $record): TopicAnswer
    {
        if ($record->withoutWatts !== []) {
            throw Missing::fields(array_map(fn (string $name): string => "the watts of {$name}", $record->withoutWatts));
        }
        $bank = self::bank($facts, $heat, $record->heaters);
        $findings = $record->heaters === [] ? [self::none($facts, $heat, $record)] : self::judged($facts, $bank);

        return new TopicAnswer(self::figures($facts, $heat, $bank), $findings);
    }

    /** @param  list<Heater>  $heaters */
    private static function bank(Facts $facts, TankHeat $heat, array $heaters): HeaterBank
    {
        return HeaterBank::of(
            heat: $heat,
            heaters: $heaters,
            setpointC: $facts->number(F::SetpointC),
            coldRoomC: $facts->number(F::WinterC),
            warmRoomC: $facts->number(F::SummerC),
            backgroundW: Warmth::backgroundW($facts),
            lowerHarmC: Warmth::LOWER_HARM_C,
            upperHarmC: $facts->number(F::UpperHarmC),
        );
    }

    /** @return list<Figure> */
    private static function figures(Facts $facts, TankHeat $heat, HeaterBank $bank): array
    {
        $set = $facts->number(F::SetpointC);
        $winter = $facts->number(F::WinterC);
        $settles = $heat->coldCourse($bank->restW, $winter, $set, Warmth::LOWER_HARM_C)->settlesC ?? $winter;
        $parts = [
            'need' => Quantity::of($bank->needW, Kind::Power),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
        ];
        if ($bank->heaters === []) {
            return [
                Figure::words('heaters', Phrase::FigureNoneInTheRegister, Sentence::of(Phrase::NeedNeed, $parts), $facts->basis()),
                Figure::number(
                    'oneOffC',
                    Quantity::of(min($set, $settles), Kind::Temperature),
                    Sentence::of(Phrase::WithoutAnyHarmIsBelow, $parts),
                    $facts->basis(),
                ),
                Figure::words('stuckOnH', Phrase::FigureNothingToStick, null, $facts->basis()),
            ];
        }

        return [
            Figure::words(
                'heaters',
                $bank->words(),
                Sentence::of(Phrase::AsTheyStandInTheRegister, $parts),
                $facts->basis(),
            ),
            Figure::number(
                'oneOffC',
                Quantity::of(min($set, $settles), Kind::Temperature),
                Sentence::of(Phrase::HarmIsBelow, $parts),
                $facts->basis(),
            ),
            $bank->stuckOnHours === null
                ? Figure::words('stuckOnH', Phrase::FigureNever, Sentence::of(Phrase::ItStaysBelow, $parts), $facts->basis())
                : Figure::number(
                    'stuckOnH',
                    Quantity::of($bank->stuckOnHours, Kind::Hours),
                    Sentence::of(Phrase::FromTheSetPoint, $parts),
                    $facts->basis(),
                ),
        ];
    }

    private static function none(Facts $facts, TankHeat $heat, OnRecord $record): Finding
    {
        $winter = $facts->number(F::WinterC);
        $settles =
            $heat->coldCourse(0.0, $winter, $facts->number(F::SetpointC), Warmth::LOWER_HARM_C)->settlesC ?? $winter;
        $parts = [
            'settles' => Quantity::of($settles, Kind::Temperature)->apartFrom(Warmth::LOWER_HARM_C),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'because' => $record->noHeater->because ?? '',
            'while' => $record->noHeater->while ?? '',
        ];
        [$severity, $what, $why, $remedy] = match (true) {
            $settles >= Warmth::LOWER_HARM_C => [
                Severity::Fine,
                Phrase::NoHeaterTheColdestRoomLeaves,
                Phrase::HarmIsBelow2,
                null,
            ],
            $record->noHeater === null => [
                Severity::Fix,
                Phrase::NoHeaterAndTheColdestRoom,
                Phrase::HarmIsBelow2,
                Phrase::AHeaterOrTheAnswerWhy,
            ],
            $record->noHeater->isOverdue => [
                Severity::Fix,
                Phrase::NoHeaterOnPurpose,
                Phrase::ItWasSoBecause,
                Phrase::SayWhetherItStillHolds,
            ],
            default => [
                Severity::Watch,
                Phrase::NoHeaterOnPurpose2,
                Phrase::BecauseWhileWithoutThatTheColdest,
                Phrase::ItComesBackWhenThatEnds,
            ],
        };

        return Finding::of(
            severity: $severity,
            rule: 'R-50',
            about: 'heat',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: $remedy === null ? null : Sentence::of($remedy),
            basis: $facts->basis(),
            working: 'lossWinterW',
        );
    }

    /** @return list<Finding> */
    private static function judged(Facts $facts, HeaterBank $bank): array
    {
        $parts = [
            'bank' => $bank->words(),
            'need' => Quantity::of($bank->needW, Kind::Power),
            'wanted' => Quantity::of(HeaterChoice::SPARE * $bank->needW, Kind::Power)->apartFrom($bank->totalW),
            'total' => Quantity::of($bank->totalW, Kind::Power)->apartFrom(HeaterChoice::SPARE * $bank->needW),
            'rest' => Quantity::of($bank->restW, Kind::Power)->apartFrom($bank->harmNeedW),
            'harmNeed' => Quantity::of($bank->harmNeedW, Kind::Power)->apartFrom($bank->restW),
            'stuck' => Quantity::of($bank->stuckW, Kind::Power),
            'hours' => Quantity::of($bank->stuckOnHours ?? 0.0, Kind::Hours)->apartFrom(HeaterChoice::STUCK_ON_HOURS),
            'asked' => Quantity::of(HeaterChoice::STUCK_ON_HOURS, Kind::Hours),
            'low' => Quantity::of(Warmth::LOWER_HARM_C, Kind::Temperature),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
        ];
        $of = fn (Severity $severity, Phrase $what, Sentence $why, ?Phrase $remedy): Finding => Finding::of(
            severity: $severity,
            rule: 'B-41',
            about: 'heat',
            what: Sentence::of($what, $parts),
            why: $why,
            remedy: $remedy === null ? null : Sentence::of($remedy, $parts),
            basis: $facts->basis(),
            working: 'heaters',
        );
        $together = fn (Sentence $why): Sentence => $bank->isSwitchUnknown
            ? Sentence::joined(
                $why,
                Sentence::of(Phrase::NobodyHasSaidWhatSwitchesThem),
            )
            : $why;
        $found = [];
        if (! $bank->holds) {
            $found[] = $of(
                Severity::Fix,
                Phrase::HeatersOfGiveTooLittle,
                Sentence::of(Phrase::StandThereAreAskedAFifth, $parts),
                Phrase::MoreWattsOrLessLoss,
            );
        }
        if (! $bank->survivesOff()) {
            $severity = $bank->isSwitchUnknown ? Severity::Watch : Severity::Fix;
            $found[] = $of(
                $severity,
                Phrase::WhatFailsOffTogetherLeaves,
                $together(Sentence::of(Phrase::KeepTheColdestNightAbove, $parts)),
                $bank->isSwitchUnknown
                    ? Phrase::WriteDownAtEachHeater
                    : Phrase::AHeaterMoreOnASwitch,
            );
        }
        if (! $bank->isSafeStuckOn()) {
            $severity = $bank->isSwitchUnknown ? Severity::Watch : Severity::Fix;
            $found[] = $of(
                $severity,
                Phrase::StuckOnTogetherReachIn,
                $together(Sentence::of(Phrase::AreAskedOnTheHottestDay, $parts)),
                $bank->isSwitchUnknown
                    ? Phrase::WriteDownAtEachHeaterWhat
                    : Phrase::SmallerHeatersEachOnItsOwn,
            );
        }
        $stuck = Sentence::of(
            $bank->stuckOnHours === null ? Phrase::StuckOnItNeverReaches : Phrase::StuckOnItTakesTo,
            $parts,
        );

        return $found !== []
            ? $found
            : [
                $of(
                    Severity::Fine,
                    Phrase::HeatersOfHoldItAndFail,
                    Sentence::of(
                        Phrase::AllOnGiveOfAsked,
                        [...$parts, 'ifStuck' => $stuck],
                    ),
                    null,
                ),
            ];
    }
}
