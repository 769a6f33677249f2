<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherRooms;
use Velbrin\Core\Build\OtherVessel;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Seawater\Seawater;

/** Further vessels on the same water: litres, mass on their own place, and every way their pumps can stop into one sump (X-32). */
final class Others implements Topic
{
    public function keys(): array
    {
        return ['othersL', 'othersKg', 'stopsL', 'othersLossW', ...Lighting::OTHERS];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if ($facts->brief->vessels === []) {
            return new TopicAnswer([]);
        }
        $density = Seawater::at($facts->number(F::Salinity), $facts->number(F::SetpointC))->densityKgM3() / 1000;
        $figures = [
            Figure::number(
                'othersL',
                Quantity::of(OtherVessels::litres($facts), Kind::Volume),
                self::each($facts, fn (OtherVessel $v): Quantity => Quantity::of($v->litres(), Kind::Volume)),
                $facts->basis(),
            ),
            Figure::number(
                'othersKg',
                Quantity::of(
                    array_sum(array_map(fn (OtherVessel $v): float => $v->massKg($density), $facts->brief->vessels)),
                    Kind::Mass,
                ),
                self::each($facts, fn (OtherVessel $v): Quantity => Quantity::of($v->massKg($density), Kind::Mass)),
                $facts->basis(),
            ),
        ];
        try {
            $figures[] = $this->stops($facts);
        } catch (Missing $e) {
            $figures[] = Figure::waiting('stopsL', $e->fields);
        }
        if (OtherRooms::has($facts)) {
            $figures[] = $this->rooms($facts);
        }
        array_push($figures, ...Lighting::others($facts));
        $findings = [];
        foreach ($facts->brief->vessels as $i => $vessel) {
            $kg = $vessel->massKg($density);
            $parts = [
                'name' => self::name($vessel, $i),
                'kg' => Quantity::of($kg, Kind::Mass),
                'limit' => Quantity::of(FloorLoad::UPPER_FLOOR_KG, Kind::Mass),
            ];
            if ($kg > FloorLoad::UPPER_FLOOR_KG) {
                $findings[] = Finding::of(
                    Severity::Fix,
                    'B-11',
                    'floor',
                    Sentence::of(Phrase::StandsWithOnAPlace, $parts),
                    Sentence::of(
                        Phrase::ItsFloorIsNotAsked,
                        $parts,
                    ),
                    Sentence::of(Phrase::APlanOfItsOwn),
                    $facts->basis(),
                );
            }
        }

        return new TopicAnswer($figures, $findings);
    }

    /** @throws Missing while display or sump cannot say what runs down */
    private function stops(Facts $facts): Figure
    {
        $facts->need(F::OutletBelowRimMm, F::BreakBelowRimMm);
        $weir = Overflow::of($facts);
        [$depth] = PowerCutRoom::depths($facts, $weir);
        $display = DisplayTank::of($facts)->vessel->litres($weir->headMm + $depth) + $facts->number(F::PipesL);
        $ways = OtherVessels::stops($facts, $display);
        $all = $ways[count($ways) - 1];
        $parts = ['spare' => Quantity::of(SumpWater::of($facts)->spareL(), Kind::Volume)];
        $alone = [];
        foreach (array_slice($ways, 0, -1) as $way) {
            $alone[] = Sentence::of(Phrase::WhatMuch, [
                'what' => implode(' and ', $way['pumps']),
                'much' => Quantity::of($way['litres'], Kind::Volume),
            ]);
        }

        return Figure::number(
            'stopsL',
            Quantity::of($all['litres'], Kind::Volume),
            $alone === []
                ? Sentence::of(Phrase::AllStopTheSumpTakes, $parts)
                : Sentence::of(Phrase::AllStopTheSumpTakesAlone, [
                    ...$parts,
                    'alone' => Sentence::listed(Phrase::OneAfterTheOther, ...$alone),
                ]),
            $facts->basis(),
        );
    }

    /** Heat lost where they stand, if not in the display's room; it is in the heaters' sum (B-88). */
    private function rooms(Facts $facts): Figure
    {
        if (! $facts->knows(F::WinterC)) {
            return Figure::waiting('othersLossW', [F::WinterC->value]);
        }
        $rooms = [];
        foreach ($facts->brief->vessels as $i => $vessel) {
            if ($vessel->winterC !== null) {
                $rooms[] = Sentence::of(Phrase::InAt, [
                    'vessel' => self::name($vessel, $i),
                    'room' => $vessel->room === '' ? 'a room of its own' : $vessel->room,
                    'winter' => Quantity::of($vessel->winterC, Kind::Temperature),
                ]);
            }
        }

        return Figure::number(
            'othersLossW',
            Quantity::of(OtherRooms::lossW($facts, $facts->number(F::SetpointC)), Kind::Power),
            $rooms === []
                ? Sentence::of(Phrase::AsTheDisplaysRoom)
                : Sentence::of(Phrase::TheHeatersSumHoldsIt, [
                    'rooms' => Sentence::listed(Phrase::OneAfterTheOther, ...$rooms),
                ]),
            $facts->basis(),
        );
    }

    /** @param  callable(OtherVessel): Quantity  $what */
    private static function each(Facts $facts, callable $what): Sentence
    {
        $each = [];
        foreach ($facts->brief->vessels as $i => $vessel) {
            $each[] = Sentence::of(Phrase::WhatMuch, ['what' => self::name($vessel, $i), 'much' => $what($vessel)]);
        }

        return Sentence::listed(Phrase::OneAfterTheOther, ...$each);
    }

    private static function name(OtherVessel $vessel, int $i): string
    {
        return $vessel->name === '' ? 'vessel '.($i + 1) : $vessel->name;
    }
}
