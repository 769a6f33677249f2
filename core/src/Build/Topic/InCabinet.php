<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Storeys;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use WeakMap;

/** Does everything stand in the cabinet, and does each thing come out again (B-62)? */
final class InCabinet implements Asks, Topic
{
    /** @var WeakMap<PlanBrief, array{Compartments|null}>|null */
    private static ?WeakMap $packed = null;

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
        $cabinet = self::packing($facts);
        if ($cabinet === null) {
            return new TopicAnswer([]);
        }
        $pieces = self::pieces($facts);
        $findings = [];
        foreach ($cabinet->elsewhere as $row => $why) {
            $findings[] = self::elsewhere($pieces[$row], $why, $facts);
        }
        foreach ($cabinet->each as $packing) {
            array_push($findings, ...self::together($packing, $pieces, $facts));
        }
        array_push($findings, ...self::splashed($cabinet, $pieces, $facts));
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
        $cabinet = self::packing($facts);
        if ($cabinet === null) {
            return [];
        }
        if (! $facts->knows(F::DoorFromLeftMm) && $facts->number(F::DoorWidthMm) < $facts->number(F::CabinetLengthMm)) {
            $facts->leaveOpen(F::DoorFromLeftMm->value);
        }
        $pieces = self::pieces($facts);
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
        if ($pieces === [] || $pieces[0]->listed !== null) {
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

    /**
     * Null while nothing besides the sump is to stand there.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function packing(Facts $facts): ?Compartments
    {
        // Packing is a search: one brief is packed once, for the drawing and for the question what comes out.
        self::$packed ??= new WeakMap();
        if (! self::$packed->offsetExists($facts->brief)) {
            self::$packed[$facts->brief] = [self::packed($facts)];
        }

        return self::$packed[$facts->brief][0];
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function packed(Facts $facts): ?Compartments
    {
        if ($facts->brief->gear === [] && ! self::reserves($facts)) {
            return null;
        }
        $facts->need(F::CabinetLengthMm, F::CabinetDepthMm, F::StandInsideMm, F::DoorWidthMm, F::DoorHeightMm);

        $spaces = self::spaces($facts);
        $pieces = self::pieces($facts);
        foreach ($pieces as $piece) {
            if ($piece->compartment > count($spaces)) {
                throw OutOfRange::number(
                    "gear.{$piece->listed}.in",
                    (float) $piece->compartment,
                    Phrase::TheNumberOfACompartmentThere,
                    least: Quantity::of(1, Kind::Count),
                    most: Quantity::of(count($spaces), Kind::Count),
                );
            }
        }

        return Compartments::of($spaces, $pieces, self::pinned($facts, $spaces));
    }

    /**
     * The one with the sump, then the others.
     *
     * @return non-empty-list<array{0: string, 1: Space}>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function spaces(Facts $facts): array
    {
        $spaces = [['with the sump', self::space($facts)]];
        foreach ($facts->brief->rows('compartments') as $row) {
            try {
                $spaces[] = [
                    $row->called('compartment'),
                    Space::of(
                        $row->number('lengthMm'),
                        $row->number('depthMm'),
                        $row->number('heightMm'),
                        $row->number('doorWidthMm'),
                        $row->number('doorHeightMm'),
                    ),
                ];
            } catch (OutOfRange $e) {
                throw $e->as("compartments.{$row->row}.{$e->field}");
            }
        }

        return $spaces;
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function space(Facts $facts): Space
    {
        return Space::of(
            $facts->number(F::CabinetLengthMm),
            $facts->number(F::CabinetDepthMm),
            $facts->number(F::StandInsideMm),
            $facts->number(F::DoorWidthMm),
            $facts->number(F::DoorHeightMm),
            $facts->knows(F::DoorFromLeftMm) ? $facts->numberOrNone(F::DoorFromLeftMm) : null,
        );
    }

    /**
     * The sump, if there is one, what the planner listed, and what a later phase will bring.
     *
     * @return list<Piece>
     *
     * @throws Missing
     */
    public static function pieces(Facts $facts): array
    {
        $pieces = [];
        if ($facts->brief->hasAny(F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm)) {
            $facts->without(F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm);
        }
        if (
            ! Storeys::isBelow($facts) &&
            $facts->knows(F::SumpLengthMm) &&
            $facts->knows(F::SumpWidthMm) &&
            $facts->knows(F::SumpHeightMm)
        ) {
            $pieces[] = new Piece(
                'Sump',
                $facts->number(F::SumpLengthMm),
                $facts->number(F::SumpWidthMm),
                $facts->number(F::SumpHeightMm),
            );
        }
        foreach ($facts->brief->gear as $i => $piece) {
            $pieces[] = $piece->name === '' ? $piece->named('Thing '.($i + 1)) : $piece;
        }
        // A later phase's thing keeps its place from the first day (B-86).
        foreach ($facts->brief->rows('phases') as $row) {
            [$wide, $deep, $high] = [$row->numberOr('widthMm'), $row->numberOr('depthMm'), $row->numberOr('heightMm')];
            if ($row->number('phase') > 1 && $wide !== null && $deep !== null && $high !== null) {
                $pieces[] = new Piece("reserved: {$row->called('purchase')}", $wide, $deep, $high, isReserved: true);
            }
        }

        return $pieces;
    }

    /** Whether a later phase keeps a place. */
    private static function reserves(Facts $facts): bool
    {
        return array_filter(self::pieces($facts), fn (Piece $p): bool => $p->isReserved) !== [];
    }

    /**
     * Places chosen by hand, both ways given.
     *
     * @param  non-empty-list<array{0: string, 1: Space}>  $spaces
     * @return array<int, Standing> by row of the pieces
     *
     * @throws Missing
     * @throws OutOfRange when one stands through a wall
     */
    private static function pinned(Facts $facts, array $spaces): array
    {
        $pieces = self::pieces($facts);
        $rows = [];
        foreach ($facts->brief->rows('gear') as $row) {
            $rows[$row->row] = $row;
        }
        $pinned = [];
        foreach ($pieces as $number => $piece) {
            $row = $rows[$piece->listed ?? -1] ?? null;
            if ($row === null) {
                continue;
            }
            [$x, $y] = [$row->numberOr('xMm'), $row->numberOr('yMm')];
            if ($x === null || $y === null) {
                continue;
            }
            $at = new Standing($number, $piece, $x, $y, $row->flag('turned'));
            $space = $spaces[($piece->compartment ?? 1) - 1][1];
            if ($x + $at->alongMm() > $space->lengthMm) {
                throw OutOfRange::number(
                    "gear.{$row->row}.xMm",
                    $x,
                    Phrase::WithinTheCabinet,
                    least: Quantity::of(0, Kind::Length),
                    most: Quantity::of(max(0.0, $space->lengthMm - $at->alongMm()), Kind::Length),
                );
            }
            if ($y + $at->deepMm() > $space->depthMm) {
                throw OutOfRange::number(
                    "gear.{$row->row}.yMm",
                    $y,
                    Phrase::WithinTheCabinet,
                    least: Quantity::of(0, Kind::Length),
                    most: Quantity::of(max(0.0, $space->depthMm - $at->deepMm()), Kind::Length),
                );
            }
            $pinned[$at->row] = $at;
        }

        return $pinned;
    }

    private static function elsewhere(Piece $piece, string $why, Facts $facts): Finding
    {
        $parts = [
            'name' => $piece->name,
            'needs' => Quantity::of($piece->standingMm(), Kind::Length),
            'has' => Quantity::of($facts->number(F::StandInsideMm), Kind::Length),
            'usual' => Quantity::of($facts->brief->limit(HouseRule::HeadroomMm), Kind::Length),
            'along' => Quantity::of($piece->widthMm, Kind::Length),
            'deep' => Quantity::of($piece->depthMm, Kind::Length),
            'high' => Quantity::of($piece->heightMm, Kind::Length),
        ];
        [$because, $remedy] = match ($why) {
            'air' => [
                Phrase::ItTakesItsAir,
                Phrase::BesideTheTank,
            ],
            'headroom' => [
                Phrase::ItTakesWithTheRoom,
                $piece->standingMm() <= $facts->brief->limit(HouseRule::HeadroomMm)
                    ? Phrase::TheUsualInsideWouldDo
                    : Phrase::ACabinetWithInside,
            ],
            'door' => [
                Phrase::ByHighDoesNotPass,
                Phrase::ALargerOpeningOr,
            ],
            'compartment' => [Phrase::TheCompartmentItBelongsInDoes, Phrase::AnotherCompartmentOrElsewhere],
            'floor' => [Phrase::ByIsLargerThanTheCabinets, Phrase::ASmallerOneOr],
            default => [
                Phrase::WhatStandsThereLeavesNoFloor,
                Phrase::ALongerCabinet,
            ],
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
