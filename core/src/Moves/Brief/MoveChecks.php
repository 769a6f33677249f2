<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Gang;
use Velbrin\Core\Moves\HoldingCare;
use Velbrin\Core\Moves\Phrase;
use Velbrin\Core\Moves\WaterJump;

/**
 * What has to hold before a move is promised (M-1): holding, tank and stand, waters, people for each load, the cold (M-29), a leak test
 * that fits no day (M-30), cautions (M-10).
 */
final readonly class MoveChecks
{
    /** Below it nothing is soaked outdoors, and suction lifters do not hold (M-27, M-29). */
    private const COLD_C = 5.0;

    /** The photo of where each coral stands. */
    public const PLACES = 'places';

    /** Old acrylic cracks hours after cold and jolts (M-19, M-30). */
    private const OLD_ACRYLIC_YEARS = 10.0;

    /** @return list<Finding> */
    public static function of(MoveBrief $brief, ?WaterJump $jump, ?HoldingCare $holding, ?float $oldMostL): array
    {
        return [
            ...HoldingChecks::of($brief, $holding),
            ...self::planB($brief),
            ...self::photos($brief),
            ...self::pieces($brief),
            ...self::waters($brief, $jump, $oldMostL),
            ...self::weather($brief),
            ...PlaceChecks::of($brief),
            ...self::elsewhere($brief),
            ...self::cautions($brief),
        ];
    }

    /** @return list<Finding> what was found, and where corals stood, is shown by photos (M-2, X-44) */
    private static function photos(MoveBrief $brief): array
    {
        $found = [];
        foreach ($brief->pieces(PieceKind::Tank, PieceKind::Stand, PieceKind::Sump) as $piece) {
            $isJudged = $piece->isReused && $piece->verdict !== Verdict::Unseen;
            if ($isJudged && ! in_array($piece->id, $brief->photographed, true)) {
                $found[] = BoxChecks::say(
                    Severity::Watch,
                    'M-1',
                    'move-verdict-photo',
                    [Phrase::NobodyPhotographedPiece, Phrase::AWordFadesAPhotoStays, Phrase::PhotographItFromAllSides],
                    ['piece' => $piece->label],
                    $piece->id,
                );
            }
        }
        $corals = array_filter($brief->animals, fn (Animal $a): bool => $a->isCoral);

        return $corals === [] || in_array(self::PLACES, $brief->photographed, true) ? $found : [...$found, BoxChecks::say(
            Severity::Watch,
            'X-44',
            'move-places-photo',
            [Phrase::NobodyPhotographedThePlaces, Phrase::WhatIsLiftedForgetsItsPlace, Phrase::PhotographFromInFrontAndAbove],
        )];
    }

    /** @return list<Finding> nobody is in two places */
    private static function elsewhere(MoveBrief $brief): array
    {
        $found = [];
        foreach ($brief->people as $mover) {
            $what = $brief->elsewhere[$mover->id] ?? null;
            if ($what !== null) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-8',
                    'move-person-elsewhere',
                    [Phrase::IsSomewhereElseThatDay, Phrase::NobodyIsInTwoPlaces, Phrase::AnotherCrewOrAnotherHand],
                    ['who' => $mover->label, 'what' => $what],
                    $mover->id,
                );
            }
        }

        return $found;
    }

    /**
     * What nobody has said keeps gates shut: a course that was not worked out holds nothing, and who is not listed has no box.
     *
     * @param  list<string>  $missing
     * @return list<Finding>
     */
    public static function unsaid(MoveBrief $brief, array $missing): array
    {
        $found = $missing === [] ? [] : [BoxChecks::say(
            Severity::Fix,
            'M-8',
            'move-no-course',
            [
                Phrase::TheCourseOfTheDayCannot,
                Phrase::ItNeeds,
                Phrase::SayItInThePlan,
            ],
            ['needs' => implode('; ', $missing)],
        )];
        if ($brief->animals === []) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-4',
                'move-no-animals',
                [
                    Phrase::NoAnimalIsListed,
                    Phrase::NeitherBoxesNorClocksNor,
                    Phrase::ListThemWhereNoneRideSay,
                ],
            );
        }

        return $found;
    }

    /**
     * Each Stop has its own plan B (M-1); of a holding that is not proved there is none, it is the plan B of all the others.
     *
     * @param  list<Finding>  $found
     * @return list<Finding>
     */
    public static function stopsWithoutPlanB(MoveBrief $brief, array $found): array
    {
        $open = array_filter($found, fn (Finding $f): bool => $f->severity === Severity::Stop
            && $f->code !== HoldingChecks::CODE
            && ! isset($brief->planB->stops[$f->key()]));

        return $open === [] ? [] : [BoxChecks::say(
            Severity::Fix,
            'M-1',
            'move-stop-plan-b',
            [
                count($open) === 1 ? Phrase::AStopWithoutAPlanB : Phrase::StopsWithoutAPlanB,
                Phrase::OnTheDayThereIsNoTimeToThink,
                Phrase::SayBesideEachWhatThen,
            ],
            ['count' => Quantity::of(count($open), Kind::Count)],
        )];
    }

    /** @return list<Finding> what is to happen when it does not go on, and who has said yes to that */
    private static function planB(MoveBrief $brief): array
    {
        $found = [];
        $lacks = $brief->planB->lacks();
        if ($brief->animals !== [] && $lacks !== []) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-1',
                'move-plan-b',
                [Phrase::NobodyHasAgreedToPlanB, Phrase::IfItDoesNotGoOn, Phrase::AskAndWriteDownWhoAgreed],
                ['lacks' => implode(', ', $lacks)],
            );
        }
        if ($brief->kind->drives() && $brief->people !== [] && $brief->spares === []) {
            $words = [Phrase::NobodyStandsBy, Phrase::OneWhoFallsIll, Phrase::NameSomebodyWhoCanCome];
            $found[] = BoxChecks::say(Severity::Watch, 'M-8', 'move-no-spare', $words);
        }
        if ($brief->kind->drives() && $brief->planB->otherDay === null) {
            $words = [Phrase::NoOtherDayIsKept, Phrase::FrostStormOrACrack, Phrase::KeepADayForIt];
            $found[] = BoxChecks::say(Severity::Watch, 'M-8', 'move-no-other-day', $words);
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function pieces(MoveBrief $brief): array
    {
        $found = [];
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $brief->people);
        foreach ($brief->pieces as $piece) {
            $isVessel = in_array($piece->kind, [PieceKind::Tank, PieceKind::Stand, PieceKind::Sump], true);
            if ($isVessel && $piece->isReused && $piece->verdict !== Verdict::Sound) {
                $found[] = BoxChecks::say(
                    $piece->verdict === Verdict::Cracked ? Severity::Stop : Severity::Fix,
                    'M-1',
                    'move-verdict',
                    [
                        $piece->verdict === Verdict::Unseen ? Phrase::NobodyHasLookedOver : Phrase::PieceIsVerdict,
                        Phrase::AgeSeamsCrazingCorners,
                        $piece->verdict === Verdict::Cracked
                            ? Phrase::AnotherOneOrPlanB
                            : Phrase::LookAndWriteDownWhatWas,
                    ],
                    ['piece' => $piece->label, 'verdict' => $piece->verdict->label()],
                    $piece->id,
                );
            }
            $isOld = $piece->isAcrylic && ($piece->ageYears ?? INF) > self::OLD_ACRYLIC_YEARS;
            if ($piece->kind === PieceKind::Tank && $piece->isReused && $isOld) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-30',
                    'move-old-acrylic',
                    [
                        Phrase::IsOldAcrylic,
                        Phrase::ColdAndJoltsCrackItHours,
                        Phrase::AnimalsStayInTheHoldingUntil,
                    ],
                    ['piece' => $piece->label],
                    $piece->id,
                );
            }
            if ($piece->kg === null || ! $piece->isSized()) {
                $found[] = BoxChecks::say(
                    Severity::Fix,
                    'M-26',
                    'move-piece-unknown',
                    [
                        Phrase::NobodyHasSaidHowLarge,
                        Phrase::NeitherHandsNorTruckCan,
                        Phrase::MeasureIt,
                    ],
                    [
                        'piece' => $piece->label,
                    ],
                    $piece->id,
                );
            } elseif ($limits !== [] && Gang::of($piece->kg, $brief->way->hasStairs(), $limits) === null) {
                $found[] = BoxChecks::say(
                    Severity::Stop,
                    'M-26',
                    'move-piece-heavy',
                    [
                        Phrase::IsMoreThanThreeOfThose,
                        $brief->way->hasStairs()
                            ? Phrase::OnStairsTwoThirds
                            : Phrase::TogetherPeopleLiftLess,
                        Phrase::ATrolleyACarrier,
                    ],
                    ['piece' => $piece->label, 'kg' => Quantity::of($piece->kg, Kind::Mass)],
                    $piece->id,
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function waters(MoveBrief $brief, ?WaterJump $jump, ?float $oldMostL): array
    {
        $found = [];
        foreach ($jump->over ?? [] as $parameter) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-3',
                'move-jump',
                [
                    Phrase::TheNewWaterTakesFurther,
                    Phrase::AnimalsComeFromALongWay,
                    Phrase::MixItNearerToTheOld,
                ],
                ['parameter' => $parameter],
                $parameter,
            );
        }
        $oldL = $brief->waters->oldL;
        if ($oldMostL !== null && $oldL !== null && $brief->kind->drives() && $oldL > $oldMostL + 1e-9) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-28',
                'move-old-water',
                [
                    Phrase::OfOfOldWaterTheTruck,
                    Phrase::TheRestOfTheLoadLeaves,
                    Phrase::TheRestIsMixedNew,
                ],
                ['old' => Quantity::of($oldL, Kind::Volume), 'most' => Quantity::of($oldMostL, Kind::Volume)],
            );
        }
        $boxesL = array_sum(array_map(fn (Box $b): float => $b->litres, $brief->boxes));
        if ($oldL !== null && $boxesL > $oldL + 1e-9) {
            $found[] = BoxChecks::say(
                Severity::Fix,
                'M-3',
                'move-old-short',
                [
                    Phrase::TheBoxesWant,
                    Phrase::BoxesAreFilledWithCleanOld,
                    Phrase::KeepMore,
                ],
                ['boxes' => Quantity::of($boxesL, Kind::Volume), 'old' => Quantity::of($oldL, Kind::Volume)],
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function weather(MoveBrief $brief): array
    {
        $outdoorC = $brief->way->outdoorC;
        if (! $brief->kind->drives() || ($outdoorC !== null && $outdoorC >= self::COLD_C)) {
            return [];
        }

        return [BoxChecks::say(
            $outdoorC === null ? Severity::Fix : Severity::Watch,
            'M-29',
            'move-cold',
            [
                $outdoorC === null ? Phrase::NobodyHasSaidHowCold : Phrase::ItIsOutside,
                Phrase::InTheColdNothingSoaksOutdoors,
                Phrase::PlanTheWaitBeforeFilling,
            ],
            ['outside' => Quantity::of($outdoorC ?? 0.0, Kind::Temperature)],
        )];
    }

    /** @return list<Finding> */
    private static function cautions(MoveBrief $brief): array
    {
        $toxic = array_filter($brief->animals, fn (Animal $a): bool => $a->isCoral && $a->isToxic);

        return $toxic === [] ? [] : [BoxChecks::say(
            Severity::Watch,
            'M-10',
            'move-palytoxin',
            [
                Phrase::ZoanthidsRideAlong,
                Phrase::ItHarmsThroughSkin,
                Phrase::WetGlovedEyesCoveredNeverScrubbed,
            ],
        )];
    }
}
