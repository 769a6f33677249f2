<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\CabinetAsBuilt;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Does everything stand in the cabinet, and does each thing come out again (B-62)? */
final class InCabinet implements Asks, Topic
{
    /** W/(m²·K) of a 19 mm board, 0.13 W/(m·K), with still air on both sides: 1/(0.13 + 0.019/0.13 + 0.13). */
    private const BOARD_U = 2.46;

    /** Warmer than the room by more, drivers and power supplies age, K. */
    private const WARM_K = 5.0;

    public function keys(): array
    {
        return ['cabinet'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $cabinet = CabinetAsBuilt::packing($facts);
        if ($cabinet === null) {
            return new TopicAnswer([]);
        }
        $pieces = CabinetAsBuilt::pieces($facts);
        $findings = [];
        foreach ($cabinet->elsewhere as $row => $why) {
            $findings[] = self::elsewhere($pieces[$row], $why, $facts);
        }
        foreach ($cabinet->each as $packing) {
            array_push($findings, ...self::together($packing, $pieces, $facts));
        }
        array_push($findings, ...self::splashed($cabinet, $pieces, $facts), ...BuiltIn::findings($cabinet, $pieces, $facts));
        if ($cabinet->isClean()) {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-62',
                'access',
                Sentence::of(Phrase::EverythingStandsInTheCabinet),
                Sentence::of(Phrase::ThePlacesAreAProposal),
                null,
                $facts->basis(),
            );
        }
        $words = $cabinet->isClean()
            ? Phrase::FigureAllOfItAlone
            : Sentence::of(Phrase::FigureOfFindAPlace, ['found' => (string) $cabinet->count(), 'n' => (string) count($pieces)]);
        [$warm, $warmth] = self::warmth($cabinet, $pieces, $facts);

        return new TopicAnswer(
            [Figure::words('cabinet', $words, null, $facts->basis()), ...$warm],
            [...$findings, ...$warmth],
            $cabinet,
        );
    }

    public static function checks(): array
    {
        return [Check::safety('B-62.out', 'access', Phrase::DoesEachThingInTheCabinet, self::out(...))];
    }

    /**
     * @return list<Finding> none where nothing is listed
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function out(Facts $facts): array
    {
        $cabinet = CabinetAsBuilt::packing($facts);
        if ($cabinet === null) {
            return [];
        }
        if (! $facts->knows(F::DoorFromLeftMm) && $facts->number(F::DoorWidthMm) < $facts->number(F::CabinetLengthMm)) {
            $facts->leaveOpen(F::DoorFromLeftMm->value);
        }
        $pieces = CabinetAsBuilt::pieces($facts);
        $shutIn = array_merge(...array_map(fn (Packing $p): array => $p->shutIn, $cabinet->each));
        if ($shutIn === []) {
            $what = Sentence::of(Phrase::NothingThatStandsInTheCabinet);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-62',
                    'access',
                    $what,
                    Sentence::of(Phrase::EachPassesTheOpening),
                    null,
                    $facts->basis(),
                ),
            ];
        }

        return array_map(
            fn (int $row): Finding => Finding::of(
                Severity::Stop,
                'B-62',
                'access',
                Sentence::of(Phrase::ItFitsButDoesNotCome, ['names' => $pieces[$row]->name]),
                Sentence::of(
                    Phrase::ItsWayOutIsClosedEven,
                ),
                Sentence::of(Phrase::ALargerOpening),
                $facts->basis(),
                subject: $pieces[$row]->id === '' ? $pieces[$row]->name : $pieces[$row]->id,
            ),
            $shutIn,
        );
    }

    /**
     * What stands in each other, or comes out after another.
     *
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     */
    private static function together(Packing $packing, array $pieces, Facts $facts): array
    {
        $findings = [];
        foreach ($packing->clashes() as [$one, $other]) {
            $findings[] = Finding::of(
                Severity::Fix,
                'B-62',
                'access',
                Sentence::of(Phrase::AndStandInEachOther, [
                    'one' => $pieces[$one]->name,
                    'other' => $pieces[$other]->name,
                ]),
                Sentence::of(Phrase::TheirPlacesWereChosenByHand),
                Sentence::of(Phrase::MoveOneOrLetItsPlace),
                $facts->basis(),
            );
        }
        foreach ($packing->after as $row => $rows) {
            if (BuiltIn::isHeldByItsSump($pieces[$row], $rows, $pieces)) {
                continue;
            }
            $findings[] = Finding::of(
                Severity::Watch,
                'B-62',
                'access',
                Sentence::of(Phrase::ComesOutOnlyAfter, [
                    'name' => $pieces[$row]->name,
                    'first' => implode(' and ', array_map(fn (int $r): string => $pieces[$r]->name, $rows)),
                ]),
                Sentence::of(Phrase::NoPlaceWasFound),
                Sentence::of(Phrase::AWiderOpening),
                $facts->basis(),
            );
        }

        return $findings;
    }

    /**
     * What must stay dry beside the open sump.
     *
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     */
    private static function splashed(Compartments $cabinet, array $pieces, Facts $facts): array
    {
        if ($pieces === [] || ! $pieces[0]->isSump) {
            return [];
        }
        $names = [];
        foreach ($pieces as $row => $piece) {
            if ($piece->staysDry && $cabinet->where($row) === 1) {
                $names[] = $piece->name;
            }
        }

        return $names === []
            ? []
            : [
                Finding::of(
                    Severity::Fix,
                    'B-62',
                    'power',
                    Sentence::of(Phrase::BesideTheOpenSump, [
                        'names' => implode(', ', $names),
                    ]),
                    Sentence::of(
                        Phrase::BurstingBubblesCarrySaltAsHigh,
                    ),
                    Sentence::of(Phrase::ACompartmentOfItsOwn),
                    $facts->basis(),
                ),
            ];
    }

    /**
     * What the devices give off warms a closed cabinet: W/(U·A) through boards and films (EN ISO 6946). With openings it is less, by
     * as much as air passes, and that is measured.
     *
     * @param  list<Piece>  $pieces
     * @return array{0: list<Figure>, 1: list<Finding>}
     */
    private static function warmth(Compartments $cabinet, array $pieces, Facts $facts): array
    {
        $watts = 0.0;
        foreach ($pieces as $row => $piece) {
            $watts += $cabinet->where($row) === null ? 0.0 : $piece->heatW;
        }
        if ($watts <= 0) {
            return [[], []];
        }
        $m2 = 0.0;
        foreach ($cabinet->each as $packing) {
            $s = $packing->space;
            $m2 += (2 * ($s->lengthMm * $s->depthMm + $s->lengthMm * $s->heightMm + $s->depthMm * $s->heightMm)) / 1e6;
        }
        $rise = Quantity::of($watts / (self::BOARD_U * $m2), Kind::TemperatureChange);
        $parts = [
            'rise' => $rise,
            'watts' => Quantity::of($watts, Kind::Power),
            'most' => Quantity::of(self::WARM_K, Kind::TemperatureChange),
        ];
        $isClosed = ! $facts->brief->has(F::CabinetAir) || $facts->word(F::CabinetAir) === 'closed';
        $figure = Figure::number(
            'cabinetWarmK',
            $rise,
            Sentence::of(
                $isClosed
                    ? Phrase::ClosedFromThatItsDevicesGive
                    : Phrase::IfItWereClosed,
                $parts,
            ),
            $facts->basis(),
            Working::of(
                Topic::LABELS['cabinetWarmK'],
                'w/(u*A)',
                [
                    ['w', 'Given off in it', $watts, Kind::Power],
                    ['u', 'Boards of 19 mm and the air on both sides, W/(m²·K)', self::BOARD_U, Kind::Factor],
                    ['A', 'Its walls', $m2, Kind::Area],
                ],
                $rise,
                'B-62; films and board by EN ISO 6946',
            ),
        );

        return [
            [$figure],
            match (true) {
                $isClosed && $rise->value > self::WARM_K => [
                    Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-62',
                        about: 'heat',
                        what: Sentence::of(Phrase::AClosedCabinetWarmsBy, $parts),
                        why: Sentence::of(
                            Phrase::StayInIt,
                            $parts,
                        ),
                        remedy: Sentence::of(Phrase::OpeningsLowAndHigh),
                        basis: $facts->basis(),
                        working: 'cabinetWarmK',
                    ),
                ],
                $isClosed => [
                    Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-62',
                        about: 'heat',
                        what: Sentence::of(Phrase::TheClosedCabinetWarmsBy, $parts),
                        why: Sentence::of(Phrase::UpToIsUsual, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'cabinetWarmK',
                    ),
                ],
                default => [],
            },
        ];
    }

    private static function elsewhere(Piece $piece, Elsewhere $why, Facts $facts): Finding
    {
        $parts = [
            'name' => $piece->name,
            'needs' => Quantity::of(($piece->inSump->floorMm ?? 0.0) + $piece->standingMm(), Kind::Length),
            'has' => Quantity::of($facts->number(F::StandInsideMm), Kind::Length),
            'usual' => Quantity::of($facts->brief->limit(HouseRule::HeadroomMm), Kind::Length),
            'along' => Quantity::of($piece->widthMm, Kind::Length),
            'deep' => Quantity::of($piece->depthMm, Kind::Length),
            'high' => Quantity::of($piece->heightMm, Kind::Length),
        ];
        [$because, $remedy] = match ($why) {
            Elsewhere::Air => [Phrase::ItTakesItsAir, Phrase::BesideTheTank],
            Elsewhere::Headroom => [
                Phrase::ItTakesWithTheRoom,
                $piece->standingMm() <= $facts->brief->limit(HouseRule::HeadroomMm)
                    ? Phrase::TheUsualInsideWouldDo
                    : Phrase::ACabinetWithInside,
            ],
            Elsewhere::Door => [Phrase::ByHighDoesNotPass, Phrase::ALargerOpeningOr],
            Elsewhere::Compartment => [Phrase::TheCompartmentItBelongsInDoes, Phrase::AnotherCompartmentOrElsewhere],
            Elsewhere::Floor => [Phrase::ByIsLargerThanTheCabinets, Phrase::ASmallerOneOr],
            Elsewhere::NoFloorLeft => [Phrase::WhatStandsThereLeavesNoFloor, Phrase::ALongerCabinet],
            Elsewhere::BuiltIn => [Phrase::AFrameOrShelfIsInItsHeight, Phrase::AnotherHeightForTheShelf],
            Elsewhere::Sump => [Phrase::ItsPartOfTheSumpIsFull, Phrase::ALongerChamberOrBesideIt],
            Elsewhere::NoSump => [Phrase::TheSumpItBelongsInStandsNowhere, Phrase::TheSumpFirst],
            Elsewhere::Shelf => [Phrase::LargerThanItsShelf, Phrase::ADeeperShelfOrTheFloor],
        };

        return Finding::of(
            Severity::Fix,
            'B-62',
            'access',
            Sentence::of(Phrase::DoesNotGoIntoTheCabinet, $parts),
            Sentence::of($because, $parts),
            Sentence::of($remedy, $parts),
            $facts->basis(),
        );
    }
}
