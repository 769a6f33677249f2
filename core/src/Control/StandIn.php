<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What does a device's work while it is away for service (K-46). */
enum StandIn: string
{
    case Loan = 'loan';
    case ByHand = 'by-hand';
    case Nothing = 'nothing';

    public function label(): string
    {
        return match ($this) {
            self::Loan => 'another one, on loan',
            self::ByHand => 'done by hand',
            self::Nothing => 'nothing, by decision',
        };
    }

    /**
     * @param  self|null  $standIn  null: nobody has said
     * @param  bool  $guards  animals hang on what it does
     * @param  float|null  $everyDays  by hand; null: nobody has said
     * @param  float|null  $doneDay  the last time by hand, days from any fixed moment; null: never
     * @return Finding|null null: another one stands in
     */
    public static function finding(
        string $item,
        ?self $standIn,
        bool $guards,
        ?float $everyDays,
        ?float $doneDay,
        float $nowDay,
    ): ?Finding {
        $since = $doneDay === null ? null : $nowDay - $doneDay;
        $parts = [
            'item' => $item,
            'every' => Quantity::of($everyDays ?? 0.0, Kind::Days),
            'since' => Quantity::of($since ?? 0.0, Kind::Days),
        ];

        return match (true) {
            $standIn === self::Loan => null,
            $standIn === null => self::say(
                $guards ? Severity::Fix : Severity::Watch,
                Phrase::NothingIsSaidToStand,
                Phrase::WhatItDoesIsLostUntil,
                Phrase::SayWhatDoesItMeanwhile,
                $parts,
            ),
            $standIn === self::Nothing => self::say(
                Severity::Watch,
                Phrase::NothingStandsIn,
                Phrase::ItCountsAsGoneUntil,
                null,
                $parts,
            ),
            $everyDays === null => self::say(
                Severity::Fix,
                Phrase::IsDoneByHand,
                Phrase::WhatHasNoIntervalIsDone,
                Phrase::SayEveryHowManyDays,
                $parts,
            ),
            $since === null || $since > $everyDays => self::say(
                Severity::Fix,
                $since === null ? Phrase::IsToBeDoneByHand : Phrase::WasLastDoneByHandAgo,
                Phrase::ItIsDueEvery,
                Phrase::DoItToday,
                $parts,
            ),
            default => self::say(Severity::Watch, Phrase::IsDoneByHandEvery, Phrase::TheLastTimeWasAgo, null, $parts),
        };
    }

    /** @param  array<string, Quantity|string>  $parts */
    private static function say(Severity $severity, Phrase $what, Phrase $why, ?Phrase $remedy, array $parts): Finding
    {
        return Finding::of(
            $severity,
            'K-46',
            'item',
            Sentence::of($what, $parts),
            Sentence::of($why, $parts),
            $remedy === null ? null : Sentence::of($remedy, $parts),
            Basis::Measured,
        );
    }
}
