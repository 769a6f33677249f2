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
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Water\SalinityDrift;

/** Where the top-off's water comes from: days a reservoir lasts (W-60), and how a line from the mains is stopped (W-56, X-23). */
final class TopOff implements Asks, Topic
{
    /** A fall by more at once harms, g/kg. */
    private const DILUTED = 1.0;

    public function keys(): array
    {
        return ['topOffDays'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        return match (self::fed($facts)) {
            'mains' => new TopicAnswer([Figure::words('topOffDays', Phrase::FigureFromTheMains, null, $facts->basis())]),
            'hand' => new TopicAnswer(
                [Figure::words('topOffDays', Phrase::FigureByHand, null, $facts->basis())],
                [
                    Finding::of(
                        Severity::Watch,
                        'X-48',
                        'topoff',
                        Sentence::of(Phrase::SomebodyTopsItUpByHand),
                        Sentence::of(Phrase::ItHangsOnOnePerson),
                        Sentence::of(Phrase::AReservoirOrASecondPerson),
                        $facts->basis(),
                    ),
                ],
            ),
            default => self::reservoir($facts),
        };
    }

    /**
     * What the top-off can add before something stops it (B-33): all of the reservoir, or what a line brings until its timer.
     *
     * @throws Missing
     */
    public static function beforeStopL(Facts $facts): float
    {
        return match (self::fed($facts)) {
            'hand' => 0.0,
            'mains' => self::feedL($facts),
            default => $facts->numberOrNone(F::ReservoirL) ?? 0.0,
        };
    }

    /** @throws Missing */
    private static function feedL(Facts $facts): float
    {
        $facts->need(F::FeedLh, F::FeedRunMin);

        return ($facts->number(F::FeedLh) * $facts->number(F::FeedRunMin)) / 60;
    }

    /** @return list<non-empty-string> facts without which that cannot be said */
    public static function lacks(Facts $facts): array
    {
        $needs = match (self::fed($facts)) {
            'hand' => [],
            'mains' => [F::FeedLh, F::FeedRunMin],
            default => [F::ReservoirL],
        };

        return array_values(
            array_map(fn (F $f): string => $f->value, array_filter($needs, fn (F $f): bool => ! $facts->knows($f))),
        );
    }

    private static function fed(Facts $facts): string
    {
        return (string) $facts->usual(F::TopoffFed);
    }

    public static function checks(): array
    {
        return [Check::safety('W-56.mains', 'topoff', Phrase::HowManyStopsHasALine, self::mains(...))];
    }

    /**
     * @return list<Finding> none while no top-off is described
     *
     * @throws Missing
     */
    private static function mains(Facts $facts): array
    {
        $isDescribed =
            $facts->brief->hasAny(F::TopoffFed, F::ReservoirL, F::FeedLh, F::FeedRunMin, F::FeedStops) ||
            $facts->brief->rows('layers') !== [];
        if (! $isDescribed) {
            return [];
        }
        if (self::fed($facts) !== 'mains') {
            $what = Sentence::of(Phrase::TheTopOffHasNoLine);

            return [
                Finding::of(
                    Severity::Fine,
                    'W-56',
                    'topoff',
                    $what,
                    Sentence::of(Phrase::WhatItCanBring),
                    null,
                    $facts->basis(),
                ),
            ];
        }
        if ($facts->brief->rows('layers') === []) {
            $facts->need(F::FeedStops);
        }
        $stops =
            $facts->brief->rows('layers') === []
                ? (int) $facts->number(F::FeedStops)
                : count(Layers::principles($facts));
        $parts = ['n' => $stops === 1 ? '1 stop' : "{$stops} stops"];

        return [
            $stops < (int) $facts->brief->limit(HouseRule::MainsStops)
                ? Finding::of(
                    Severity::Stop,
                    'W-56',
                    'topoff',
                    Sentence::of(Phrase::ALineFromTheMainsWith, $parts),
                    Sentence::of(
                        Phrase::TheMainsNeverRunEmpty,
                    ),
                    Sentence::of(
                        Phrase::TwoStopsThatWorkInDifferent,
                    ),
                    $facts->basis(),
                )
                : Finding::of(
                    Severity::Fine,
                    'W-56',
                    'topoff',
                    Sentence::of(Phrase::TheLineFromTheMains, $parts),
                    Sentence::of(Phrase::TryEachByItself),
                    null,
                    $facts->basis(),
                ),
        ];
    }

    private static function reservoir(Facts $facts): TopicAnswer
    {
        $facts->need(F::ReservoirL);
        $litres = $facts->numberOrNone(F::ReservoirL) ?? 0.0;
        if ($litres <= 0) {
            return new TopicAnswer([Figure::words('topOffDays', Phrase::FigureNoReservoir, null, $facts->basis())]);
        }
        if (! $facts->knows(F::WinterC) && ! $facts->knows(F::SummerC)) {
            throw Missing::fields([F::WinterC->value, F::SummerC->value]);
        }
        $takes = Warmth::worstEvaporationLd($facts);
        if ($takes <= 0) {
            return new TopicAnswer([
                Figure::words(
                    'topOffDays',
                    Phrase::FigureAsLongAsItStands,
                    Sentence::of(Phrase::NoEvaporationInTheseRooms),
                    $facts->basis(),
                ),
            ]);
        }
        $days = Quantity::of($litres / $takes, Kind::Days);
        $figure = Figure::number(
            'topOffDays',
            $days,
            Sentence::of(Phrase::InTheWorstSeason),
            $facts->basis(),
            Working::of(
                Topic::LABELS['topOffDays'],
                't/e',
                [$facts->row('t', F::ReservoirL), ['e', 'Evaporation, worst season', $takes, Kind::DailyVolume]],
                $days,
                'W-60',
            ),
        );
        $divider = self::divider($facts, $litres);
        if (! $facts->brief->has(F::RefillDays)) {
            return new TopicAnswer([$figure], $divider);
        }
        $parts = [
            'days' => $days,
            'every' => Quantity::of($facts->number(F::RefillDays), Kind::Days),
            'needs' => Quantity::of(ceil($facts->number(F::RefillDays) * $takes), Kind::Volume),
        ];

        // A day without a person is a hope.
        $named =
            $facts->brief->has(F::RefillBy) && $facts->word(F::RefillBy) !== 'nobody'
                ? []
                : [
                    Finding::of(
                        Severity::Fix,
                        'W-60',
                        'topoff',
                        Sentence::of(Phrase::NobodyIsNamedWhoRefills, $parts),
                        Sentence::of(Phrase::WhatEverybodyMayDoNobodyDoes),
                        Sentence::of(Phrase::NameWhoAndWhoElse),
                        $facts->basis(),
                    ),
                ];

        return new TopicAnswer(
            [$figure],
            [
                ...$divider,
                ...$named,
                $days->value < $facts->number(F::RefillDays)
                    ? Finding::of(
                        severity: Severity::Fix,
                        rule: 'W-60',
                        about: 'topoff',
                        what: Sentence::of(Phrase::TheReservoirLasts, $parts),
                        why: Sentence::of(Phrase::ThenSaltRisesAndTheReturn),
                        remedy: Sentence::of(Phrase::WouldLastOrSomebodyRefills, $parts),
                        basis: $facts->basis(),
                        working: 'topOffDays',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'W-60',
                        about: 'topoff',
                        what: Sentence::of(Phrase::TheReservoirLasts2, $parts),
                        why: Sentence::of(Phrase::ItIsRefilledEvery, $parts),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'topOffDays',
                    ),
            ],
        );
    }

    /**
     * Built into the sump, one seam parts fresh from salt: when it gives, all of it goes in at once (W-60).
     *
     * @return list<Finding>
     */
    private static function divider(Facts $facts, float $litres): array
    {
        if (! $facts->brief->has(F::ReservoirIn) || $facts->word(F::ReservoirIn) !== 'sump') {
            return [];
        }
        $volume = Volumes::systemL($facts);
        $after = SalinityDrift::topOffStuckOn(
            $volume,
            $facts->number(F::Salinity),
            $litres,
            SumpWater::of($facts)->spareL(),
        );
        $drop = $facts->number(F::Salinity) - $after;
        $parts = [
            'litres' => Quantity::of($litres, Kind::Volume),
            'after' => Quantity::of($after, Kind::Salinity),
            'drop' => Quantity::of($drop, Kind::SalinityChange),
        ];

        return [
            Finding::of(
                $drop > self::DILUTED ? Severity::Fix : Severity::Watch,
                'W-60',
                'topoff',
                Sentence::of(Phrase::IfTheReservoirsDividerGives, $parts),
                Sentence::of(Phrase::OfFreshWaterGo, $parts),
                Sentence::of(
                    $drop > self::DILUTED
                        ? Phrase::AReservoirThatStandsByItself
                        : Phrase::LookAtTheDividersSeams,
                ),
                $facts->basis(),
            ),
        ];
    }
}
