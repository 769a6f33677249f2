<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Water\RoOutput;

/** Devices against what this system asks of them: capacity by demand (K-4), and the RO plant in the coldest month (W-65). */
final class Sized implements Topic
{
    private const RO_SPARE = 1.3;

    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        return new TopicAnswer(
            [],
            [...self::skimmer($facts), ...self::uv($facts), ...self::chiller($facts), ...self::ro($facts)],
        );
    }

    /** @return list<Finding> */
    private static function skimmer(Facts $facts): array
    {
        $rated = $facts->brief->has(F::SkimmerL) ? $facts->numberOrNone(F::SkimmerL) : null;

        return $rated === null
            ? []
            : [self::judged(
                device: 'skimmer',
                capacity: $rated,
                demand: Volumes::systemL($facts),
                least: 1.0,
                most: 3.0,
                kind: Kind::Volume,
                about: 'sump',
                facts: $facts,
            )];
    }

    /** @return list<Finding> */
    private static function uv(Facts $facts): array
    {
        $flow = $facts->brief->has(F::UvLh) ? $facts->numberOrNone(F::UvLh) : null;
        if ($flow === null || ! $facts->brief->has(F::UvMostLh)) {
            return [];
        }
        $parts = [
            'flow' => Quantity::of($flow, Kind::Flow),
            'most' => Quantity::of($facts->number(F::UvMostLh), Kind::Flow),
        ];

        return [
            $flow > $facts->number(F::UvMostLh)
                ? Finding::of(
                    Severity::Fix,
                    'K-4',
                    'sump',
                    Sentence::of(Phrase::ThroughTheUVLamp, $parts),
                    Sentence::of(Phrase::FasterWaterIsHardlyTreated),
                    Sentence::of(Phrase::ThrottleItOrALongerLamp),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'K-4',
                    'sump',
                    Sentence::of(Phrase::TheUVLampGetsOf, $parts),
                    Sentence::of(Phrase::TheWantedDoseIsReached),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    /** @return list<Finding> */
    private static function chiller(Facts $facts): array
    {
        $watts = $facts->brief->has(F::ChillerW) ? $facts->numberOrNone(F::ChillerW) : null;
        if ($watts === null || ! $facts->knows(F::SummerC)) {
            return [];
        }
        $need = Cooling::overW($facts);

        return $need <= 0
            ? [
                Finding::of(
                    Severity::Watch,
                    'K-4',
                    'heat',
                    Sentence::of(Phrase::AChillerStandsWhereNone),
                    Sentence::of(Phrase::TheHottestDayHoldsTheSet),
                    Sentence::of(Phrase::LeaveItOut),
                    $facts->basis(),
                ),
            ]
            : [self::judged(
                device: 'chiller',
                capacity: $watts,
                demand: $need,
                least: 1.2,
                most: 2.0,
                kind: Kind::Power,
                about: 'heat',
                facts: $facts,
            )];
    }

    /** @return list<Finding> */
    private static function ro(Facts $facts): array
    {
        if (! $facts->brief->has(F::RoRatedLd) || (! $facts->knows(F::WinterC) && ! $facts->knows(F::SummerC))) {
            return [];
        }
        $makes = self::roLd($facts);
        $needs =
            Warmth::worstEvaporationLd($facts) + (Volumes::systemL($facts) * $facts->number(F::ChangePct)) / 100 / 30.4;
        $parts = [
            'makes' => Quantity::of($makes, Kind::DailyVolume),
            'needs' => Quantity::of($needs, Kind::DailyVolume),
            'wanted' => Quantity::of(self::RO_SPARE * $needs, Kind::DailyVolume),
        ];

        return [
            $makes < self::RO_SPARE * $needs
                ? Finding::of(
                    Severity::Fix,
                    'W-65',
                    'topoff',
                    Sentence::of(Phrase::TheROPlantMakes, $parts),
                    Sentence::of(Phrase::EvaporationAndChangesTake, $parts),
                    Sentence::of(Phrase::ALargerMembrane),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'W-65',
                    'topoff',
                    Sentence::of(Phrase::TheROPlantKeepsUp, $parts),
                    Sentence::of(Phrase::EvaporationAndChangesTake2, $parts),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    /**
     * What the plant makes in a day, at its feed’s temperature and the tap’s pressure (W-51).
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function roLd(Facts $facts): float
    {
        return RoOutput::litresPerDay(
            $facts->number(F::RoRatedLd),
            $facts->number(F::RoFeedC),
            $facts->brief->has(F::RoFeedKpa) ? $facts->number(F::RoFeedKpa) / $facts->number(F::RoRatedKpa) : 1.0,
        );
    }

    /** Less than the least share is a Fix, more than the most a Watch (K-4). */
    private static function judged(
        string $device,
        float $capacity,
        float $demand,
        float $least,
        float $most,
        Kind $kind,
        string $about,
        Facts $facts,
    ): Finding {
        $parts = [
            'device' => $device,
            'has' => Quantity::of($capacity, $kind),
            'demand' => Quantity::of($demand, $kind),
            'least' => Quantity::of($least * $demand, $kind),
            'most' => Quantity::of($most * $demand, $kind),
            'times' => Quantity::of($capacity / $demand, Kind::Factor),
        ];

        return match (true) {
            $capacity < $least * $demand => Finding::of(
                Severity::Fix,
                'K-4',
                $about,
                Sentence::of(Phrase::TheIsTooSmall, $parts),
                Sentence::of(Phrase::AtThisDutyAreWanted, $parts),
                Sentence::of(Phrase::ALargerOne),
                $facts->basis(),
            ),
            $capacity > $most * $demand => Finding::of(
                Severity::Watch,
                'K-4',
                $about,
                Sentence::of(Phrase::TheIsLarge, $parts),
                Sentence::of(Phrase::OverItWorksInShort, $parts),
                Sentence::of(Phrase::ASmallerOne),
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fine,
                'K-4',
                $about,
                Sentence::of(Phrase::TheFitsFor, $parts),
                Sentence::of(Phrase::TimesWhatIsAsked, $parts),
                null,
                $facts->basis(),
            ),
        };
    }
}
