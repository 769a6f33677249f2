<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherRooms;
use Velbrin\Core\Build\OtherVessel;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\HeaterSet;
use Velbrin\Core\Heat\Surfaces;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** Heat lost in winter and in summer, evaporation, and heaters that fail safely (B-40, B-41, B-43). */
final class Warmth implements Topic
{
    public const LOWER_HARM_C = 18.0;

    public function keys(): array
    {
        return ['lossWinterW', 'lossSummerW', 'evaporationLd', 'heaters', 'oneOffC', 'stuckOnH'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::WinterC, F::SummerC);
        $heat = self::heat($facts);
        $facts = OtherRooms::weighed($facts, $heat);
        $set = $facts->number(F::SetpointC);
        $winter = $facts->number(F::WinterC);
        $summer = $facts->number(F::SummerC);
        if ($winter > $summer) {
            throw OutOfRange::number(
                F::WinterC->value,
                $winter,
                Phrase::AtMostTheSummerValue,
                ['summer' => Quantity::of($summer, Kind::Temperature)],
            );
        }
        $figures = [
            self::loss($facts, 'lossWinterW', $heat, $heat->coldUaWK, $set, F::WinterC, 'cold case'),
            self::loss($facts, 'lossSummerW', $heat, $heat->hotUaWK, $set, F::SummerC, 'hot case'),
        ];
        try {
            $rest = self::withGear($facts, $heat, $winter);
        } catch (Missing $e) {
            $rest = new TopicAnswer(
                array_map(fn (string $key): Figure => Figure::waiting($key, $e->fields), [
                    'heaters',
                    'oneOffC',
                    'stuckOnH',
                ]),
            );
        }

        return new TopicAnswer(
            [...$figures, self::evaporation($facts, $heat, $set, $winter, $summer), ...$rest->figures],
            $rest->findings,
        );
    }

    /** @throws Missing while nobody has said what pumps and lights draw */
    private static function withGear(Facts $facts, TankHeat $heat, float $winter): TopicAnswer
    {
        $facts->need(F::PumpsW, F::LightsW);
        if ($facts->brief->record !== null) {
            return RegisteredHeat::answer($facts, $heat, $facts->brief->record);
        }
        $background = self::backgroundW($facts);
        $choice = self::chosen($facts, $heat);
        [$heaters, $finding] =
            $choice->chosen === null
                ? self::noHeater($facts, $choice)
                : self::heaters($facts, $heat, $choice, $choice->chosen, $winter, $background);

        return new TopicAnswer($heaters, [$finding]);
    }

    /**
     * The heaters that hold the coldest night and fail safely on the hottest day.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function choice(Facts $facts): HeaterChoice
    {
        $facts->need(F::WinterC, F::SummerC, F::PumpsW, F::LightsW);
        $heat = self::heat($facts);

        return self::chosen(OtherRooms::weighed($facts, $heat), $heat);
    }

    /** The rooms are weighed already. */
    private static function chosen(Facts $facts, TankHeat $heat): HeaterChoice
    {
        return HeaterChoice::of(
            $heat,
            $facts->number(F::SetpointC),
            $facts->number(F::WinterC),
            $facts->number(F::SummerC),
            self::backgroundW($facts),
            self::LOWER_HARM_C,
            $facts->number(F::UpperHarmC),
        );
    }

    /** Watts of the heaters that stand in it, or of the first choice of a plan; 0 where there are none. @throws Missing|OutOfRange */
    public static function heatersW(Facts $facts): float
    {
        if ($facts->brief->record !== null) {
            return array_sum(array_map(fn (Heater $h): float => $h->watts, $facts->brief->record->heaters));
        }

        return self::choice($facts)->chosen?->totalW() ?? 0.0;
    }

    /** Heat of pumps, and of the lights' share that ends in the water. */
    public static function backgroundW(Facts $facts): float
    {
        return $facts->number(F::PumpsW) + ($facts->number(F::LightsW) * $facts->number(F::LightSharePct)) / 100;
    }

    private static function evaporation(Facts $facts, TankHeat $heat, float $set, float $winter, float $summer): Figure
    {
        $litres = Quantity::of(self::worstEvaporationLd($facts), Kind::DailyVolume);
        $watts = max($heat->evaporation($set, $winter)->watts, $heat->evaporation($set, $summer)->watts);

        return Figure::number(
            'evaporationLd',
            $litres,
            Sentence::of(Phrase::WorstSeasonTheTopOffMust),
            $facts->basis(),
            Working::of(
                'Evaporation',
                'E*86.4/(2500.9 - 2.365*T)',
                [['E', 'Heat carried off, worst season', $watts, Kind::Power], $facts->row('T', F::SetpointC)],
                $litres,
                'B-40: ASHRAE pool form, 0.98 of the saturation pressure over sea water',
            ),
        );
    }

    /** @throws OutOfRange */
    public static function heat(Facts $facts): TankHeat
    {
        $display = DisplayTank::of($facts);
        $vessels = [Surfaces::of($display->vessel, $display->waterMm(), $facts->word(F::Top) === 'open')];
        if (SumpWater::isDescribed($facts)) {
            $sump = SumpWater::of($facts);
            $vessels[] = Surfaces::of($sump->vessel, $sump->meanLevelMm(), false);
        }

        array_push($vessels, ...array_map(fn (OtherVessel $v): Surfaces => $v->surfaces(), $facts->brief->vessels));
        $heat = TankHeat::of(Volumes::systemL($facts), $vessels, $facts->number(F::HumidityPct));
        // Read only where somebody gave it: that nobody measured makes no answer an assumption.
        $measured = $facts->brief->has(F::MeasuredUaWK) ? $facts->numberOrNone(F::MeasuredUaWK) : null;

        // What was measured stands for both cases: it needs no caution of its own.
        return $measured === null
            ? $heat
            : TankHeat::bare($heat->volumeL, $measured, $measured, $heat->evaporatingM2, $heat->humidityPct);
    }

    /**
     * Display and sump as two bodies of water, once the return has stopped (R-52); both null while no sump is described.
     *
     * @return array{0: TankHeat|null, 1: TankHeat|null}
     *
     * @throws OutOfRange
     */
    public static function apart(Facts $facts): array
    {
        if (! SumpWater::isDescribed($facts)) {
            return [null, null];
        }
        $display = DisplayTank::of($facts);
        $sump = SumpWater::of($facts);
        $humidity = $facts->number(F::HumidityPct);
        $above = Surfaces::of($display->vessel, $display->waterMm(), $facts->word(F::Top) === 'open');
        $below = Surfaces::of($sump->vessel, $sump->meanLevelMm(), false);

        return [
            TankHeat::of(Volumes::displayL($facts), [$above], $humidity),
            TankHeat::of($sump->waterL(), [$below], $humidity),
        ];
    }

    /** Litres a day at the set point in whichever of the known rooms dries more. */
    public static function worstEvaporationLd(Facts $facts): float
    {
        $heat = self::heat($facts);
        $facts = OtherRooms::weighed($facts, $heat);
        $worst = 0.0;
        foreach ([F::WinterC, F::SummerC] as $room) {
            if ($facts->knows($room)) {
                $worst = max(
                    $worst,
                    $heat->evaporation($facts->number(F::SetpointC), $facts->number($room))->litresPerDay,
                );
            }
        }

        return $worst;
    }

    private static function loss(
        Facts $facts,
        string $key,
        TankHeat $heat,
        float $ua,
        float $set,
        F $room,
        string $case,
    ): Figure {
        $evaporation = $heat->evaporation($set, $facts->number($room))->watts;
        $loss = Quantity::of($ua * ($set - $facts->number($room)) + $evaporation, Kind::Power);

        return Figure::number(
            $key,
            $loss,
            Sentence::of(Phrase::OfItByEvaporation, [
                'evaporation' => Quantity::of($evaporation, Kind::Power),
            ]),
            $facts->basis(),
            Working::of(
                Topic::LABELS[$key],
                'UA*(T - R) + E',
                [
                    ['UA', "Walls, bottom and surface, {$case}", $ua, Kind::Conductance],
                    $facts->row('T', F::SetpointC),
                    $facts->row('R', $room),
                    ['E', 'Heat carried off by evaporation', $evaporation, Kind::Power],
                ],
                $loss,
                'B-40: UA·(T − T_room) + evaporation',
            ),
        );
    }

    /** @return array{0: list<Figure>, 1: Finding} */
    private static function heaters(
        Facts $facts,
        TankHeat $heat,
        HeaterChoice $choice,
        HeaterSet $set,
        float $winter,
        float $background,
    ): array {
        $rest = ($set->count - 1) * $set->wattsEach;
        $cold = $heat->coldCourse($rest, $winter, $facts->number(F::SetpointC), self::LOWER_HARM_C);
        $coldC = min($facts->number(F::SetpointC), $cold->settlesC ?? $winter);
        $parts = [
            'n' => Quantity::of($set->count, Kind::Count),
            'watts' => Quantity::of($set->wattsEach, Kind::Power),
            'need' => Quantity::of($choice->needW, Kind::Power),
            'cold' => Quantity::of($coldC, Kind::Temperature),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
            'low' => Quantity::of(self::LOWER_HARM_C, Kind::Temperature),
            'hours' => Quantity::of($set->stuckOnHours ?? 0.0, Kind::Hours),
            'settles' => Quantity::of($set->stuckOnSettlesC ?? 0.0, Kind::Temperature),
            'reserve' => Quantity::of(100 * ($set->reserve - 1), Kind::Percent),
        ];
        $parts['ifStuck'] = Sentence::of(
            $set->stuckOnHours === null
                ? Phrase::OneStuckOnNeverReaches
                : Phrase::OneStuckOnTakesTo,
            $parts,
        );

        return [
            [
                Figure::words(
                    'heaters',
                    sprintf('%d × %d W', $set->count, (int) $set->wattsEach),
                    Sentence::of(Phrase::NeedToSpare, $parts),
                    $facts->basis(),
                    Working::of(
                        'Heaters, first choice',
                        'n*P/need',
                        [
                            ['n', 'Heaters', $set->count, Kind::Count],
                            ['P', 'Each', $set->wattsEach, Kind::Power],
                            [
                                'need',
                                'Need at the set point, coldest room (at least 1 W)',
                                max(1.0, $choice->needW),
                                Kind::Power,
                            ],
                        ],
                        Quantity::of($set->reserve, Kind::Factor),
                        'B-41a: all on against the need, at least 1.2',
                    ),
                ),
                Figure::number(
                    'oneOffC',
                    Quantity::of($coldC, Kind::Temperature),
                    Sentence::of(Phrase::HarmIsBelow, $parts),
                    $facts->basis(),
                    Working::of(
                        'One heater failed: winter night settles at',
                        'min(T, R + (P - E)/UA)',
                        [
                            $facts->row('T', F::SetpointC),
                            $facts->row('R', F::WinterC),
                            ['P', 'The heaters left', $rest, Kind::Power],
                            [
                                'E',
                                'Evaporation at the set point',
                                $heat->evaporation($facts->number(F::SetpointC), $winter)->watts,
                                Kind::Power,
                            ],
                            ['UA', 'Cold case', $heat->coldUaWK, Kind::Conductance],
                        ],
                        Quantity::of($coldC, Kind::Temperature),
                        'B-41b',
                    ),
                ),
                $set->stuckOnHours === null
                    ? Figure::words(
                        'stuckOnH',
                        Phrase::FigureNever,
                        Sentence::of(Phrase::ItSettlesAt, $parts),
                        $facts->basis(),
                    )
                    : Figure::number(
                        'stuckOnH',
                        Quantity::of($set->stuckOnHours, Kind::Hours),
                        Sentence::of(Phrase::FromTheSetPoint, $parts),
                        $facts->basis(),
                        self::stuckWorking($facts, $heat, $set, $background),
                    ),
            ],
            Finding::of(
                severity: Severity::Fine,
                rule: 'B-41',
                about: 'heat',
                what: Sentence::of(Phrase::HeatersOfHoldItAndFailSafely, $parts),
                why: Sentence::of(
                    Phrase::AllOnGiveOver,
                    $parts,
                ),
                remedy: null,
                basis: $facts->basis(),
                working: 'heaters',
            ),
        ];
    }

    private static function stuckWorking(Facts $facts, TankHeat $heat, HeaterSet $set, float $background): Working
    {
        $course = $heat->hotCourse(
            $set->wattsEach + $background,
            $facts->number(F::SummerC),
            $facts->number(F::SetpointC),
            $facts->number(F::UpperHarmC),
        );

        return Working::of(
            'One heater stuck on: harm after',
            'tau*log((T - S)/(H - S))',
            [
                ['tau', 'Time constant m·c/UA', $course->timeConstantH ?? 0.0, Kind::Hours],
                $facts->row('T', F::SetpointC),
                ['S', 'Would settle at', $course->settlesC ?? 0.0, Kind::Temperature],
                ['H', 'Upper harm limit', $facts->number(F::UpperHarmC), Kind::Temperature],
            ],
            Quantity::of($set->stuckOnHours ?? 0.0, Kind::Hours),
            'B-41c, B-43',
        );
    }

    /** @return array{0: list<Figure>, 1: Finding} */
    private static function noHeater(Facts $facts, HeaterChoice $choice): array
    {
        $parts = [
            'need' => Quantity::of($choice->needW, Kind::Power),
            'hours' => Quantity::of(HeaterChoice::STUCK_ON_HOURS, Kind::Hours),
        ];

        return [
            [
                Figure::words('heaters', Phrase::FigureNonePasses, Sentence::of(Phrase::NeedNeed, $parts), $facts->basis()),
                Figure::words('oneOffC', Phrase::FigureNoSetChosen, null, $facts->basis()),
                Figure::words('stuckOnH', Phrase::FigureNoSetChosen, null, $facts->basis()),
            ],
            Finding::of(
                severity: Severity::Fix,
                rule: 'B-41',
                about: 'heat',
                what: Sentence::of(Phrase::NoPlainSetOfHeaters, $parts),
                why: Sentence::of(
                    Phrase::WhatHoldsOnTheColdestNight,
                    $parts,
                ),
                remedy: Sentence::of(Phrase::AHoodMoreWaterCooling),
                basis: $facts->basis(),
                working: 'lossWinterW',
            ),
        ];
    }
}
