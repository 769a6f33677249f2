<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Asks;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\LitDay;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherRooms;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** What the circuits carry, running and at the start, what protects people, and the power of a month (B-61). */
final class Circuits implements Asks, Topic
{
    /** Of its rating a circuit carries this all day. */
    private const SHARE = 0.8;

    /** Motors draw this much for a moment when the power comes back. */
    private const MOTOR_START = 3.0;

    private const HOURS_A_MONTH = 730.5;

    public function keys(): array
    {
        return ['circuitA', 'startA', 'energyKwh'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::PumpsW, F::LightsW, F::WinterC, F::SummerC);
        $heaters = Warmth::heatersW($facts);
        $steady = $facts->number(F::PumpsW) + $facts->number(F::LightsW) + $facts->number(F::OtherW) + $heaters;
        $volts = $facts->number(F::MainsV);
        $circuits = max(1.0, round($facts->number(F::Circuits)));
        $running = Quantity::of($steady / $volts / $circuits, Kind::Current);
        $start = Quantity::of(
            ($steady + (self::MOTOR_START - 1) * $facts->number(F::PumpsW)) / $volts / $circuits,
            Kind::Current,
        );
        $energy = Quantity::of((self::meanW($facts) * self::HOURS_A_MONTH) / 1000, Kind::Energy);
        $parts = [
            'a' => $running,
            'start' => $start,
            'may' => Quantity::of(self::SHARE * $facts->number(F::CircuitA), Kind::Current),
            'rated' => Quantity::of($facts->number(F::CircuitA), Kind::Current),
            'n' => Quantity::of($circuits, Kind::Count),
            'heaters' => Quantity::of($heaters, Kind::Power),
        ];
        $watts = [
            $facts->row('p', F::PumpsW),
            $facts->row('l', F::LightsW),
            $facts->row('o', F::OtherW),
            [
                'h',
                $facts->brief->record === null ? 'Heaters, first choice, all on' : 'Heaters in the register, all on',
                $heaters,
                Kind::Power,
            ],
            $facts->row('V', F::MainsV),
            ['n', 'Circuits', $circuits, Kind::Count],
        ];

        return new TopicAnswer(
            [
                Figure::number(
                    'circuitA',
                    $running,
                    Sentence::of(Phrase::AllOnHeatersIsAllowedAll, $parts),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['circuitA'],
                        '(p + l + o + h)/V/n',
                        $watts,
                        $running,
                        'B-61: at most 0.8 of the rating',
                    ),
                ),
                Figure::number(
                    'startA',
                    $start,
                    Sentence::of(Phrase::ForAMoment),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['startA'],
                        '(3*p + l + o + h)/V/n',
                        $watts,
                        $start,
                        'B-61: motors draw three times their running current',
                    ),
                ),
                Figure::number(
                    'energyKwh',
                    $energy,
                    Sentence::of(Phrase::InARoomBetweenItsWinter),
                    $facts->basis(),
                ),
            ],
            [...$facts->brief->rows('loads') === [] ? self::load($facts, $parts) : []],
        );
    }

    /** Watts drawn in the mean over a day, in a room halfway between winter night and summer day. */
    public static function meanW(Facts $facts): float
    {
        $facts->need(F::PumpsW, F::LightsW, F::WinterC, F::SummerC);
        $day = LitDay::of($facts);
        $lights = ($facts->number(F::LightsW) * $day->fullHours()) / 24;
        $heat = Warmth::heat($facts);
        $rooms = OtherRooms::weighed($facts, $heat);
        $room = ($rooms->number(F::WinterC) + $rooms->number(F::SummerC)) / 2;
        $heating = max(
            0.0,
            $heat->lossW($facts->number(F::SetpointC), $room) -
                $facts->number(F::PumpsW) -
                ($lights * $facts->number(F::LightSharePct)) / 100,
        );

        return $facts->number(F::PumpsW) + $facts->number(F::OtherW) + $lights + $heating;
    }

    /**
     * @param  array<string, Quantity>  $parts
     * @return list<Finding>
     */
    private static function load(Facts $facts, array $parts): array
    {
        $found = [
            match (true) {
                $parts['a']->value > $parts['may']->value => Finding::of(
                    severity: Severity::Fix,
                    rule: 'B-61',
                    about: 'power',
                    what: Sentence::of(Phrase::EachCircuitCarries, $parts),
                    why: Sentence::of(Phrase::ACircuitOfCarries0, $parts),
                    remedy: Sentence::of(Phrase::SpreadItOverMoreCircuits),
                    basis: $facts->basis(),
                    working: 'circuitA',
                ),
                $parts['start']->value > $parts['rated']->value => Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-61',
                    about: 'power',
                    what: Sentence::of(Phrase::WhenEverythingStartsAtOnce, $parts),
                    why: Sentence::of(Phrase::TheCircuitIsRated, $parts),
                    remedy: Sentence::of(Phrase::LetPumpsStartOneAfterAnother),
                    basis: $facts->basis(),
                    working: 'startA',
                ),
                default => Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-61',
                    about: 'power',
                    what: Sentence::of(Phrase::EachCircuitCarriesOf, $parts),
                    why: Sentence::of(Phrase::AtTheStart, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'circuitA',
                ),
            },
        ];
        if ($parts['n']->value < 2) {
            $found[] = Finding::of(
                Severity::Watch,
                'B-61',
                'power',
                Sentence::of(Phrase::EverythingHangsOnOneCircuit),
                Sentence::of(Phrase::OneTripTakesHeatingAndMovement),
                Sentence::of(Phrase::HeatersAndPumpsOnDifferentCircuits),
                $facts->basis(),
            );
        }

        return $found;
    }

    public static function checks(): array
    {
        return [
            Check::safety(
                'B-61.residual',
                'power',
                Phrase::IsAllWetGearBehindResidual,
                self::protection(...),
            ),
        ];
    }

    /**
     * @return list<Finding>
     *
     * @throws Missing
     */
    private static function protection(Facts $facts): array
    {
        [$severity, $what, $why, $remedy] = match ($facts->word(F::Residual)) {
            'yes' => [
                Severity::Fine,
                Phrase::WetGearStandsBehindResidualCurrent,
                Phrase::TryItEveryFewMonths,
                null,
            ],
            'no' => [
                Severity::Stop,
                Phrase::WetGearWithoutResidualCurrentProtection,
                Phrase::ABrokenHeaterMakesTheWater,
                Phrase::ALicensedElectricianFits,
            ],
            default => [
                Severity::Fix,
                Phrase::NobodyHasTriedTheResidualCurrent,
                Phrase::WithoutItABrokenHeaterMakes,
                Phrase::HaveALicensedElectricianLook,
            ],
        };

        return [
            Finding::of(
                $severity,
                'B-61',
                'power',
                Sentence::of($what),
                Sentence::of($why),
                $remedy === null ? null : Sentence::of($remedy),
                $facts->basis(),
            ),
        ];
    }
}
