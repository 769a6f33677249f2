<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\Phrase;

/** The holding comes first (M-1): what it has, what was read in it, and how its ammonia goes (M-16). */
final readonly class HoldingChecks
{
    /** What is asked of the holding. */
    public const CODE = 'move-holding';

    /** @return list<Finding> */
    public static function of(MoveBrief $brief, ?HoldingCare $care): array
    {
        if ($brief->animals === []) {
            return [];
        }
        $found = [];
        $lacks = self::lacks($brief);
        if ($lacks !== []) {
            $found[] = BoxChecks::say(
                Severity::Stop,
                'M-1',
                self::CODE,
                [Phrase::TheHoldingIsNotProved, Phrase::ItLacksWithoutAPlace, Phrase::SetItUpFirst],
                ['lacks' => Sentence::listed(Phrase::OneAfterTheOther, ...array_map(Sentence::of(...), $lacks))],
            );
        } elseif (! $brief->holding->proof->isSaid()) {
            $found[] = BoxChecks::say(
                Severity::Watch,
                'M-1',
                'move-holding-figures',
                [Phrase::TheHoldingWasProvedByATick, Phrase::WhatWasReadInItNobodyWrote, Phrase::ReadItAgainAndWriteItDown],
            );
        }
        if ($care !== null && $care->changeShare > 1) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-16',
                'move-holding-ammonia',
                [Phrase::InTheHoldingAmmoniaHarms, Phrase::ItRisesByADay, Phrase::MoreLitresAFilterThatRuns],
                [
                    'hours' => Quantity::of($care->hoursToMost, Kind::Hours),
                    'every' => Quantity::of($brief->holding->everyH, Kind::Hours),
                    'rise' => Quantity::of($care->riseMgLDay, Kind::Concentration),
                ],
            );
        }

        return $found;
    }

    /** @return list<Phrase> */
    private static function lacks(MoveBrief $brief): array
    {
        $h = $brief->holding;
        $hasCorals = array_filter($brief->animals, fn (Animal $a): bool => $a->isCoral) !== [];

        return array_values(array_filter([
            $h->litres === null ? Phrase::ItsLitres : null,
            $h->heaterW === null || $h->heaterW <= 0 ? Phrase::AHeater : null,
            $h->isAired ? null : Phrase::Air,
            $h->isLidded ? null : Phrase::ALid,
            $h->isBorne ? null : Phrase::ASupportThatBearsIt,
            $h->isLit || ! $hasCorals ? null : Phrase::LightForItsCorals,
            $h->place === null ? Phrase::WhosePlaceItStandsAt : null,
            $h->person === null ? Phrase::APersonWhoLooksAfterIt : null,
            ...$h->unproved($brief->waters->old),
        ]));
    }
}
