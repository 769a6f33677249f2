<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\BlockedMain;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\DrainSchool;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Storeys;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Seawater\Seawater;

/** A sump a storey or more below: water in the risers, speed and noise of the drain, its own floor, the ceilings passed (B-91). */
final class OnOtherStorey implements Asks, Topic
{
    /** Faster is heard in a living room, m/s (EN 806-3 for pipes in buildings). */
    private const HEARD_MS = 2.0;

    public function keys(): array
    {
        return ['risersL', 'drainMs', 'sumpFloorKpa'];
    }

    public static function checks(): array
    {
        return [
            Check::safety('B-11.sump-floor', 'floor', Phrase::DoesTheFloorUnderTheSump, self::floor(...)),
            Check::plain('B-91.speed', 'drain', Phrase::IsTheDrainHeard, self::heard(...)),
            Check::plain('B-91.ceilings', 'drain', Phrase::WhatDoThePipesPass, self::passed(...)),
        ];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (! Storeys::isBelow($facts)) {
            return new TopicAnswer([]);
        }
        $risers = Quantity::of(Storeys::risersL($facts), Kind::Volume);
        $below = ['below' => Quantity::of(Storeys::belowMm($facts) / 1000, Kind::Height)];
        $figures = [
            Figure::number(
                'risersL',
                $risers,
                Sentence::of(Phrase::InThePipesOver, $below),
                $facts->basis(),
            ),
            Figure::number(
                'drainMs',
                Quantity::of(self::speedMs($facts), Kind::Speed),
                Sentence::of(Phrase::AtThePlannedFlow),
                $facts->basis(),
            ),
        ];
        if (SumpWater::isDescribed($facts)) {
            $figures[] = Figure::number(
                'sumpFloorKpa',
                Quantity::of(self::loadKpa($facts), Kind::Pressure),
                Sentence::of(Phrase::TheSumpFullToItsRim),
                $facts->basis(),
            );
        }

        return new TopicAnswer($figures);
    }

    /** Of one main drain at the planned flow, m/s. @throws Missing */
    private static function speedMs(Facts $facts): float
    {
        $facts->need(F::FlowLh, F::DrainBoreMm);
        $areaM2 = (M_PI / 4) * ($facts->number(F::DrainBoreMm) / 1000) ** 2;

        return $facts->number(F::FlowLh) / BlockedMain::mains($facts) / 3.6e6 / $areaM2;
    }

    /**
     * Panes and water to the rim, as after a power cut that fills it.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function loadKpa(Facts $facts): float
    {
        $vessel = SumpWater::of($facts)->vessel;
        $density = Seawater::at($facts->number(F::Salinity), $facts->number(F::SetpointC))->densityKgM3() / 1000;
        $kg = $vessel->massKg() + $vessel->litres($vessel->insideHeightMm()) * $density;

        return ($kg * Pipe::GRAVITY) / 1000 / $vessel->footprint->outerAreaM2();
    }

    /**
     * @return list<Finding> none while the sump stands on the display's floor
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function floor(Facts $facts): array
    {
        $hasSump = $facts->brief->hasAny(F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm);
        if ($hasSump && ! $facts->brief->has(F::SumpBelowMm)) {
            $facts->leaveOpen(F::SumpBelowMm->value);
        }
        if (! $hasSump || ! Storeys::isBelow($facts)) {
            return [];
        }
        $load = self::loadKpa($facts);
        $facts->need(F::SumpAllowanceKpa);
        $allowance = $facts->number(F::SumpAllowanceKpa);
        $use = $load / $allowance;
        $parts = [
            'load' => Quantity::of($load, Kind::Pressure),
            'allowance' => Quantity::of($allowance, Kind::Pressure),
            'use' => Quantity::of(100 * $use, Kind::Percent)->apartFrom(
                100 * FloorLoad::WITHIN,
                100 * FloorLoad::NEVER,
            ),
        ];
        [$severity, $what, $remedy] = match (true) {
            $use > FloorLoad::NEVER => [
                Severity::Stop,
                Phrase::UnderTheSump,
                Phrase::StoreTheEngineersSignedDocument,
            ],
            $use > FloorLoad::WITHIN => [
                Severity::Fix,
                Phrase::UnderTheSumpAsk,
                Phrase::GetTheEngineersWordInWriting,
            ],
            default => [Severity::Fine, Phrase::UnderTheSumpIsWithin, null],
        };
        $why = Sentence::of(Phrase::ThatIsOfTheEntered, $parts);

        return [
            Finding::of(
                $severity,
                'B-11',
                'floor',
                Sentence::of($what, $parts),
                $why,
                $remedy === null ? null : Sentence::of($remedy),
                $facts->basis(),
            ),
        ];
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function heard(Facts $facts): array
    {
        if (! Storeys::isBelow($facts)) {
            return [];
        }
        $facts->need(F::Drains);
        $isSiphon = DrainSchool::from($facts->word(F::Drains))->isSiphon();
        $speed = self::speedMs($facts);
        $parts = [
            'speed' => Quantity::of($speed, Kind::Speed)->apartFrom(self::HEARD_MS),
            'most' => Quantity::of(self::HEARD_MS, Kind::Speed),
        ];
        if (! $isSiphon) {
            return [
                Finding::of(
                    Severity::Watch,
                    'B-91',
                    'drain',
                    Sentence::of(Phrase::AnOpenDrainFallsThrough),
                    Sentence::of(Phrase::WaterAndAirFallTogether),
                    Sentence::of(Phrase::AFullSiphonWithItsValve),
                    $facts->basis(),
                ),
            ];
        }

        return [
            $speed > self::HEARD_MS
                ? Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-91',
                    about: 'drain',
                    what: Sentence::of(Phrase::TheDrainRunsAt, $parts),
                    why: Sentence::of(Phrase::AboveAPipeThroughLivingRooms, $parts),
                    remedy: Sentence::of(Phrase::AWiderDrainOrTwo),
                    basis: $facts->basis(),
                    working: 'drainMs',
                )
                : Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-91',
                    about: 'drain',
                    what: Sentence::of(Phrase::TheDrainRunsAt, $parts),
                    why: Sentence::of(Phrase::UpToItIsHardlyHeard, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'drainMs',
                ),
        ];
    }

    /** @return list<Finding> */
    private static function passed(Facts $facts): array
    {
        if (! Storeys::isBelow($facts)) {
            return [];
        }
        $parts = ['n' => Quantity::of(Storeys::ceilings($facts), Kind::Count)];

        return [
            Finding::of(
                Severity::Watch,
                'B-91',
                'drain',
                Sentence::of(Phrase::ThePipesPassCeilings, $parts),
                Sentence::of(
                    Phrase::AHoleThroughAFloor,
                ),
                Sentence::of(
                    Phrase::ListEachHole,
                ),
                $facts->basis(),
            ),
        ];
    }
}
