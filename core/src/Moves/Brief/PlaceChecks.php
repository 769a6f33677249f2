<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\OldWater;
use Velbrin\Core\Moves\Phrase;

/** What a move asks of floors, of lifting gear, and of whoever owns the animals afterwards (M-25, M-32 … M-34). */
final class PlaceChecks
{
    /** Old and new water further apart than this are not matched from a box, K. */
    private const APART_K = 4.0;

    /** @return list<Finding> */
    public static function of(MoveBrief $brief): array
    {
        return array_values(array_filter([
            self::apart($brief),
            self::floor($brief),
            self::hoist($brief),
            self::owner($brief),
            self::border($brief),
            ...self::unsaid($brief),
        ]));
    }

    private static function apart(MoveBrief $brief): ?Finding
    {
        $old = $brief->waters->old['temperature'] ?? null;
        $after = WaterAnswer::of($brief->waters)->after['temperature'] ?? null;
        if ($brief->animals === [] || $old === null || $after === null || abs($after - $old) <= self::APART_K + 1e-9) {
            return null;
        }

        return BoxChecks::say(
            Severity::Fix,
            'M-25',
            'move-warmth-apart',
            [Phrase::OldAndNewWaterAreApart, Phrase::NoBoxBridgesSoMuch, Phrase::HoldingFirstThenNoFasterThan],
            [
                'apart' => Quantity::of(abs($after - $old), Kind::TemperatureChange),
                'most' => Quantity::of(TemperatureCourse::MOST_KH, Kind::TemperatureChange),
            ],
        );
    }

    /** The most that stands on one floor at once: the new tank is full, and the holding and what rode along stand there too. */
    private static function floor(MoveBrief $brief): ?Finding
    {
        $way = $brief->way;
        $litres = [$brief->waters->oldL, $brief->waters->newL, $brief->animals === [] ? 0.0 : $brief->holding->litres];
        $known = array_filter($litres, fn (?float $l): bool => $l !== null);
        $kg = array_sum($known) * OldWater::KG_PER_L;
        foreach ($brief->pieces as $piece) {
            $kg += $piece->kg ?? 0.0;
        }
        if ($way->isFloorLookedAt || $kg <= 0) {
            return null;
        }
        $isWhole = count($known) === count($litres)
            && array_filter($brief->pieces, fn (Piece $p): bool => $p->kg === null) === [];

        return BoxChecks::say(
            Severity::Watch,
            'M-32',
            'move-floor-load',
            [
                $isWhole ? Phrase::SoMuchStandsThereAtOnce : Phrase::AtLeastSoMuchStandsThereAtOnce,
                Phrase::TheNewTankIsFullWhileTheHolding,
                Phrase::WhoeverMaySayLooksAtTheFloor,
            ],
            ['kg' => Quantity::of($kg, Kind::Mass)],
        );
    }

    private static function hoist(MoveBrief $brief): ?Finding
    {
        return $brief->way->hoist !== true || $brief->way->isHoistReady ? null : BoxChecks::say(
            Severity::Stop,
            'M-33',
            'move-hoist',
            [Phrase::ACraneLiftsAndNobodyHasSaid, Phrase::LicensedOperatorPermitWind, Phrase::AskTheOperator],
        );
    }

    private static function owner(MoveBrief $brief): ?Finding
    {
        return $brief->way->newOwner !== true || $brief->way->ownerAgrees ? null : BoxChecks::say(
            Severity::Fix,
            'M-34',
            'move-new-owner',
            [Phrase::TheAnimalsGetANewOwner, Phrase::WithoutAWordNobodyMayMoveThem, Phrase::AskWhoTakesThem],
        );
    }

    /** @return list<Finding> what is asked once: an answer of no is an answer */
    private static function unsaid(MoveBrief $brief): array
    {
        if (! $brief->kind->drives()) {
            return [];
        }
        $way = $brief->way;
        $hasAnimals = $brief->animals !== [];
        $asked = array_filter([
            'hoist' => $way->hoist === null ? ['M-33', Phrase::NobodyHasSaidWhetherACraneLifts] : null,
            'newOwner' => $hasAnimals && $way->newOwner === null ? ['M-34', Phrase::NobodyHasSaidWhoseTheyAreAfterwards] : null,
            'border' => $hasAnimals && $way->border === null ? ['M-34', Phrase::NobodyHasSaidWhetherABorderLies] : null,
        ]);

        return array_map(fn (array $one, string $fact): Finding => BoxChecks::say(
            Severity::Watch,
            $one[0],
            'move-unsaid',
            [$one[1], Phrase::WhatNobodyAskedStopsTheVan, Phrase::AskOnceAndWriteDownYesOrNo],
            subject: $fact,
        ), $asked, array_keys($asked));
    }

    private static function border(MoveBrief $brief): ?Finding
    {
        return $brief->way->border !== true || $brief->way->hasAnimalPapers ? null : BoxChecks::say(
            Severity::Stop,
            'M-34',
            'move-border',
            [Phrase::ABorderLiesOnTheWay, Phrase::AnimalsWithoutPapersAreKeptThere, Phrase::GetTheirPapers],
        );
    }
}
