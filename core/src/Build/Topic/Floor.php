<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\FloorWord;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Mass and what the floor is asked to carry (B-10, B-11, B-12, B-14). Never an approval. */
final class Floor implements Asks, Topic
{
    private const LEVEL_MM_M = 2.0;

    public function keys(): array
    {
        return ['massKg', 'meanKpa', 'bendingKpa', 'floorWord'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-11.floor', 'floor', Phrase::DoesTheFloorCarryIt, self::floor(...)),
            Check::safety('B-12.wall', 'floor', Phrase::IsAWallOpenedForIt, self::wall(...)),
            Check::plain('B-14.level', 'floor', Phrase::IsTheFloorLevel, self::level(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $mass = PlanMass::of($facts);
        $total = Quantity::of($mass->totalKg(), Kind::Mass);
        // What the mass rests on, before the floor's own facts are read.
        $grounds = $facts->basis();
        $load = FloorLoad::of($facts, $mass);
        $mean = Quantity::of($load->meanKpa, Kind::Pressure);
        $figures = [
            Figure::number(
                'massKg',
                $total,
                Sentence::of(Phrase::WaterOnceRockSandPanesStand),
                $grounds,
                Working::of(
                    'Whole mass, running',
                    'panes + water + rock + sand + stand + gear + people',
                    [
                        ['panes', 'Empty vessels', $mass->vesselsKg, Kind::Mass],
                        ['water', 'Water by its density', $mass->waterKg, Kind::Mass],
                        $facts->row('rock', F::RockKg),
                        ['sand', 'Sand', $mass->sandKg, Kind::Mass],
                        $facts->row('stand', F::StandKg),
                        $facts->row('gear', F::EquipmentKg),
                        ['people', 'People leaning', PlanMass::PEOPLE_KG, Kind::Mass],
                    ],
                    $total,
                    'B-10: glass 2500, acrylic 1190 kg/m³; sea water by EOS-80',
                ),
            ),
            Figure::number(
                'meanKpa',
                $mean,
                null,
                $grounds,
                Working::of(
                    'Mean pressure under the stand',
                    'm*9.81/1000/A',
                    [
                        ['m', 'Whole mass', $mass->totalKg(), Kind::Mass],
                        ['A', 'Footprint of the stand', $load->footprintM2, Kind::Area],
                    ],
                    $mean,
                    'B-10',
                ),
            ),
        ];
        $figures[] =
            $load->bendingKpa === null
                ? ($load->bearsOnGround
                    ? Figure::words(
                        'bendingKpa',
                        Phrase::FigureDoesNotBend,
                        Sentence::of(Phrase::ASlabOnTheGroundBears),
                        $facts->basis(),
                    )
                    : Figure::waiting('bendingKpa', $load->missing))
                : Figure::number(
                    'bendingKpa',
                    Quantity::of($load->bendingKpa, Kind::Pressure),
                    Sentence::of(Phrase::UniformLoadWithTheSameBending),
                    $facts->basis(),
                    Working::of(
                        'Same bending as a load of',
                        '8*(W*a*(L - a)/L*(1 - c/(2*L)))/(b*L**2)',
                        [
                            ['W', 'Load, kN', $load->loadKn, Kind::Factor],
                            ['a', 'Middle to the nearer bearing', $load->fromSupportM, Kind::Height],
                            ['L', 'Span', $load->spanM, Kind::Height],
                            ['c', 'Length along the joists', $load->alongM, Kind::Height],
                            ['b', 'Width across them', $load->acrossM, Kind::Height],
                        ],
                        Quantity::of($load->bendingKpa, Kind::Pressure),
                        'B-10: q = 8M/(b·L²)',
                    ),
                );
        $figures[] = Figure::words(
            'floorWord',
            $load->word->says(),
            Sentence::of(
                $load->word === FloorWord::Within ? Phrase::LocalCodeDecides : Phrase::TheSoftwareNeverApprovesAFloor,
            ),
            $facts->basis(),
        );

        return new TopicAnswer($figures);
    }

    /**
     * The word for the floor, an opened wall left out: that is a question of its own.
     *
     * @return list<Finding>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function floor(Facts $facts): array
    {
        $mass = PlanMass::of($facts);
        $load = FloorLoad::of($facts, $mass);
        array_map($facts->leaveOpen(...), $load->unknown);
        $parts = ['mass' => Quantity::of($mass->totalKg(), Kind::Mass), 'reasons' => implode(', ', $load->reasons)];
        $against = Sentence::of(Phrase::TheFloorsOwnFigures);
        if ($load->use !== null && $load->allowanceKpa !== null) {
            $use = Quantity::of(100 * $load->use, Kind::Percent)->apartFrom(
                100 * FloorLoad::WITHIN,
                100 * FloorLoad::NEVER,
            );
            $parts += [
                'use' => $use,
                'allowance' => Quantity::of($load->allowanceKpa, Kind::Pressure),
                'load' => Quantity::of($load->use * $load->allowanceKpa, Kind::Pressure),
            ];
            $against = Sentence::of(Phrase::ItAsksOfTheFloor, $parts);
        }
        [$severity, $what, $remedy] = match ($load->floorAlone) {
            FloorWord::Within => [
                Severity::Fine,
                Phrase::IsWithinTheUsualAllowance,
                null,
            ],
            FloorWord::Ask => [
                Severity::Fix,
                Phrase::AskAStructuralEngineerBeforeOrdering,
                Phrase::GetTheEngineersWordInWriting,
            ],
            FloorWord::Never => [
                Severity::Stop,
                Phrase::NeverWithoutAStructuralEngineersDocument,
                Phrase::StoreTheEngineersSignedDocument,
            ],
        };
        $why = $load->floorAlone === FloorWord::Within
            ? $against
            : Sentence::joined($against, Sentence::of(Phrase::OnTheList, $parts));

        return [
            Finding::of(
                severity: $severity,
                rule: 'B-11',
                about: 'floor',
                what: Sentence::of($what, $parts),
                why: $why,
                remedy: $remedy === null ? null : Sentence::of($remedy),
                basis: $facts->basis(),
                working: 'bendingKpa',
            ),
        ];
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function wall(Facts $facts): array
    {
        if ($facts->word(F::WallOpening) === 'no') {
            $what = Sentence::of(Phrase::NoWallIsOpenedForIt);

            return [
                Finding::of(
                    Severity::Fine,
                    'B-12',
                    'floor',
                    $what,
                    Sentence::of(Phrase::WhatTheWallsCarryGoes),
                    null,
                    $facts->basis(),
                ),
            ];
        }

        return [
            Finding::of(
                Severity::Stop,
                'B-12',
                'floor',
                Sentence::of(Phrase::AWallIsOpened),
                Sentence::of(
                    Phrase::ItMayCarryTheHouse,
                ),
                Sentence::of(Phrase::StoreTheEngineersSignedDocumentBefore),
                $facts->basis(),
            ),
        ];
    }

    /** @return list<Finding> */
    private static function level(Facts $facts): array
    {
        if (! $facts->knows(F::OutOfLevelMmM)) {
            return [];
        }
        $slope = $facts->number(F::OutOfLevelMmM);
        $parts = [
            'slope' => Quantity::of($slope, Kind::Length),
            'limit' => Quantity::of(self::LEVEL_MM_M, Kind::Length),
        ];

        return [
            $slope > self::LEVEL_MM_M
                ? Finding::of(
                    Severity::Fix,
                    'B-14',
                    'floor',
                    Sentence::of(Phrase::FloorFallsInAMetre, $parts),
                    Sentence::of(
                        Phrase::ATankOutOfLevel,
                        $parts,
                    ),
                    Sentence::of(Phrase::LevelTheStandBeforeFilling),
                    $facts->basisOf(F::OutOfLevelMmM),
                )
                : Finding::of(
                    Severity::Fine,
                    'B-14',
                    'floor',
                    Sentence::of(Phrase::FloorIsLevel, $parts),
                    Sentence::of(Phrase::UpToIsUsual2, $parts),
                    null,
                    $facts->basisOf(F::OutOfLevelMmM),
                ),
        ];
    }
}
