<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OtherRooms;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;

/** The hottest day: where it settles without help, and what a fan or a chiller would have to carry off (B-42, B-43). */
final class Cooling implements Topic
{
    /** Warmer than the set point by this without any heater is worth saying, K. */
    private const WARM_K = 1.5;

    /** A fan's air over the surface, m/s. */
    private const FAN_MS = 2.0;

    /** A chiller is chosen with this over the need. */
    private const CHILLER = 1.2;

    public function keys(): array
    {
        return ['settlesSummerC', 'coolingW'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $facts->need(F::WinterC, F::SummerC, F::PumpsW, F::LightsW);
        $heat = Warmth::heat($facts);
        $facts = OtherRooms::weighed($facts, $heat);
        $set = $facts->number(F::SetpointC);
        $summer = $facts->number(F::SummerC);
        $background = Warmth::backgroundW($facts);
        $settles = $heat->hotCourse($background, $summer, $set, $facts->number(F::UpperHarmC))->settlesC ?? $set;
        $still = $heat->evaporation($set, $summer);
        $over = self::over($facts, $heat);
        $parts = [
            'settles' => Quantity::of($settles, Kind::Temperature),
            'set' => Quantity::of($set, Kind::Temperature),
            'background' => Quantity::of($background, Kind::Power),
            'harm' => Quantity::of($facts->number(F::UpperHarmC), Kind::Temperature),
            'over' => Quantity::of($over, Kind::Power),
            'chiller' => Quantity::of(self::CHILLER * $over, Kind::Power),
        ];
        $figures = [
            Figure::number(
                'settlesSummerC',
                $parts['settles'],
                Sentence::of(Phrase::WithFromPumpsAndLights, $parts),
                $facts->basis(),
                Working::of(
                    Topic::LABELS['settlesSummerC'],
                    'R + (P - E)/UA',
                    [
                        $facts->row('R', F::SummerC),
                        ['P', 'Heat of pumps and lights', $background, Kind::Power],
                        ['E', 'Evaporation at the set point', $still->watts, Kind::Power],
                        ['UA', 'Hot case', $heat->hotUaWK, Kind::Conductance],
                    ],
                    $parts['settles'],
                    'B-43',
                ),
            ),
            Figure::number(
                'coolingW',
                $parts['over'],
                $over > 0
                    ? Sentence::of(Phrase::ToHoldTheSetPoint, $parts)
                    : Sentence::of(Phrase::ItHoldsTheSetPoint),
                $facts->basis(),
                Working::of(
                    Topic::LABELS['coolingW'],
                    'max(0, P - UA*(T - R) - E)',
                    [
                        ['P', 'Heat of pumps and lights', $background, Kind::Power],
                        ['UA', 'Hot case', $heat->hotUaWK, Kind::Conductance],
                        $facts->row('T', F::SetpointC),
                        $facts->row('R', F::SummerC),
                        ['E', 'Evaporation at the set point', $still->watts, Kind::Power],
                    ],
                    $parts['over'],
                    'B-42: a chiller takes 1.2 of it',
                ),
            ),
        ];
        $help = self::help($facts, $heat, $over, $still, $parts);

        return new TopicAnswer($figures, [
            match (true) {
                $settles > $facts->number(F::UpperHarmC) => Finding::of(
                    severity: Severity::Fix,
                    rule: 'B-42',
                    about: 'heat',
                    what: Sentence::of(Phrase::ASummerDayHeats, $parts),
                    why: Sentence::of(Phrase::PumpsAndLightsGive, $parts),
                    remedy: $help,
                    basis: $facts->basis(),
                    working: 'settlesSummerC',
                ),
                $settles > $set + self::WARM_K => Finding::of(
                    severity: Severity::Watch,
                    rule: 'B-42',
                    about: 'heat',
                    what: Sentence::of(Phrase::SummerDaysSettleAt, $parts),
                    why: Sentence::of(Phrase::TheSetPoint, $parts),
                    remedy: $help,
                    basis: $facts->basis(),
                    working: 'settlesSummerC',
                ),
                default => Finding::of(
                    severity: Severity::Fine,
                    rule: 'B-42',
                    about: 'heat',
                    what: Sentence::of(Phrase::SummerDaysNeedNoCooling, $parts),
                    why: Sentence::of(Phrase::TheSetPointIs, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'settlesSummerC',
                ),
            },
        ]);
    }

    /** What must be carried off on the hottest day to hold the set point, W. */
    public static function overW(Facts $facts): float
    {
        $heat = Warmth::heat($facts);

        return self::over(OtherRooms::weighed($facts, $heat), $heat);
    }

    /** The rooms are weighed already. */
    private static function over(Facts $facts, TankHeat $heat): float
    {
        [$set, $summer] = [$facts->number(F::SetpointC), $facts->number(F::SummerC)];

        return max(
            0.0,
            Warmth::backgroundW($facts) - $heat->hotUaWK * ($set - $summer) - $heat->evaporation($set, $summer)->watts,
        );
    }

    /**
     * Fans come first; their water is said, since the top-off brings it and the room takes it.
     *
     * @param  array<string, Quantity>  $parts
     */
    private static function help(Facts $facts, TankHeat $heat, float $over, Evaporation $still, array $parts): Sentence
    {
        if ($facts->word(F::Top) !== 'open') {
            return Sentence::of(
                Phrase::OpenTheTopForAFan,
                $parts,
            );
        }
        $fan = Evaporation::of(
            $heat->evaporatingM2,
            $facts->number(F::SetpointC),
            $facts->number(F::SummerC),
            $facts->number(F::HumidityPct),
            1,
            self::FAN_MS,
        );
        $parts += [
            'fan' => Quantity::of($fan->watts - $still->watts, Kind::Power),
            'water' => Quantity::of($fan->litresPerDay - $still->litresPerDay, Kind::DailyVolume),
        ];

        return Sentence::of(
            $fan->watts - $still->watts >= $over
                ? Phrase::AFanOverTheWholeSurface
                : Phrase::AFanOverTheWholeSurfaceCarries,
            $parts,
        );
    }
}
