<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\CabinetAsBuilt;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Cabinet\Ledge;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Cabinet\WayOut;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The cabinet as somebody built it: what the tape may hide, the sump’s rim, frames and shelves and what they carry (B-98). */
final class BuiltIn
{
    /**
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function findings(Compartments $cabinet, array $pieces, Facts $facts): array
    {
        $findings = [];
        foreach ($cabinet->each as $packing) {
            array_push(
                $findings,
                ...self::overTheRim($packing, $pieces, $facts),
                ...self::through($packing, $pieces, $facts),
                ...self::carried($packing, $pieces, $facts),
            );
        }

        return [...$findings, ...self::asMeasured($cabinet, $pieces, $facts)];
    }

    /**
     * It stands in the sump and comes out only with it: said once, as what it is.
     *
     * @param  list<int>  $first  rows that must move before it
     * @param  list<Piece>  $pieces
     */
    public static function isHeldByItsSump(Piece $piece, array $first, array $pieces): bool
    {
        return $piece->inSump !== null && array_filter($first, fn (int $row): bool => $pieces[$row]->isSump) !== [];
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     */
    private static function overTheRim(Packing $packing, array $pieces, Facts $facts): array
    {
        $sump = array_values(array_filter($packing->standing, fn (Standing $s): bool => $s->piece->isSump))[0] ?? null;
        $findings = [];
        foreach ($packing->standing as $device) {
            if ($sump === null || ! self::isHeldByItsSump($device->piece, $packing->after[$device->row] ?? [], $pieces)) {
                continue;
            }
            $parts = [
                'name' => $device->piece->name,
                'needs' => Quantity::of($sump->topMm() + WayOut::OVER_MM + $device->piece->heightMm, Kind::Length),
                'has' => Quantity::of(self::clearMm($device, $packing), Kind::Length),
            ];
            $findings[] = Finding::of(
                severity: Severity::Fix,
                rule: 'B-98',
                about: 'access',
                what: Sentence::of(Phrase::DoesNotLiftOverTheRim, $parts),
                why: Sentence::of(Phrase::LiftedOverTheRimItsTop, $parts),
                remedy: Sentence::of(Phrase::ALowerSumpOrAHigherOpening),
                basis: $facts->basis(),
                subject: $device->piece->id === '' ? $device->piece->name : $device->piece->id,
            );
        }

        return $findings;
    }

    /** Under opening, brace and what is built in over it, mm above the floor. */
    private static function clearMm(Standing $device, Packing $packing): float
    {
        $clear = min($packing->space->heightMm, $packing->space->doorHeightMm);
        foreach ($packing->space->ledges as $ledge) {
            if ($ledge->bottomMm >= $device->zMm && $device->meetsAny([$ledge->patch])) {
                $clear = min($clear, $ledge->bottomMm);
            }
        }

        return $clear;
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     */
    private static function through(Packing $packing, array $pieces, Facts $facts): array
    {
        return array_map(
            fn (int $row): Finding => Finding::of(
                severity: Severity::Fix,
                rule: 'B-98',
                about: 'access',
                what: Sentence::of(Phrase::StandsThroughWhatIsBuiltIn, ['name' => $pieces[$row]->name]),
                why: Sentence::of(Phrase::TheirPlacesWereChosenByHand),
                remedy: Sentence::of(Phrase::MoveOneOrLetItsPlace),
                basis: $facts->basis(),
                subject: $pieces[$row]->id === '' ? $pieces[$row]->name : $pieces[$row]->id,
            ),
            $packing->builtInto(),
        );
    }

    /**
     * Each shelf with something on it: what that weighs against what the shelf bears; unsaid is asked.
     *
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     */
    private static function carried(Packing $packing, array $pieces, Facts $facts): array
    {
        $findings = [];
        foreach ($packing->space->shelves() as $shelf) {
            $on = array_map(fn (int $row): Piece => $pieces[$row], $packing->on($shelf));
            $finding = $on === [] ? null : self::onShelf($shelf, $on, $facts);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /** @param  non-empty-list<Piece>  $on */
    private static function onShelf(Ledge $shelf, array $on, Facts $facts): ?Finding
    {
        $masses = array_map(fn (Piece $p): ?float => $p->massKg, $on);
        $knownKg = array_sum(array_filter($masses, is_float(...)));
        $isKnown = ! in_array(null, $masses, true) && $shelf->bearsKg !== null;
        $parts = [
            'name' => $shelf->name,
            'names' => implode(', ', array_map(fn (Piece $p): string => $p->name, $on)),
            'has' => Quantity::of($knownKg, Kind::Mass),
            'most' => Quantity::of($shelf->bearsKg ?? 0.0, Kind::Mass),
        ];
        $said = match (true) {
            $shelf->bearsKg !== null && $knownKg > $shelf->bearsKg => [
                Severity::Fix,
                Phrase::TheShelfCarriesMoreThanItBears,
                Phrase::WhatStandsOnItToTheFloor,
            ],
            ! $isKnown => [Severity::Watch, Phrase::NobodyHasSaidWhatTheShelfBears, Phrase::WeighItAndAskWhoMadeIt],
            default => null,
        };

        return $said === null ? null : Finding::of(
            severity: $said[0],
            rule: 'B-98',
            about: 'access',
            what: Sentence::of($said[1], $parts),
            why: Sentence::of(Phrase::AShelfThatBreaksFallsIntoWater),
            remedy: Sentence::of($said[2]),
            basis: $facts->basis(),
            subject: $shelf->id === '' ? $shelf->name : $shelf->id,
        );
    }

    /**
     * What stands and comes out in the cabinet as measured, and does not in one smaller by what the measuring may be wrong by.
     *
     * @param  list<Piece>  $pieces
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function asMeasured(Compartments $cabinet, array $pieces, Facts $facts): array
    {
        $toleranceMm = (float) $facts->peek(F::CabinetTolMm);
        $tight = $cabinet->isClean() && $toleranceMm > 0 ? CabinetAsBuilt::tight($facts, $toleranceMm) : null;
        if ($tight === null || $tight->isClean()) {
            return [];
        }
        $rows = array_keys($tight->elsewhere);
        foreach ($tight->each as $packing) {
            $clashing = array_merge(...$packing->clashes());
            array_push($rows, ...array_keys($packing->after), ...$packing->shutIn, ...$packing->builtInto(), ...$clashing);
        }
        $names = array_map(fn (int $row): string => $pieces[$row]->name, array_values(array_unique($rows)));

        return [
            Finding::of(
                severity: Severity::Watch,
                rule: 'B-98',
                about: 'access',
                what: Sentence::of(Phrase::StandsOnlyIfAsMeasured, ['names' => implode(', ', $names)]),
                why: Sentence::of(Phrase::TheTapeMayBeWrongBy, ['by' => Quantity::of($toleranceMm, Kind::Length)]),
                remedy: Sentence::of(Phrase::MeasureTheTightPlaceAgain),
                basis: $facts->basis(),
            ),
        ];
    }
}
