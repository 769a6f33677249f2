<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Gang;
use Velbrin\Core\Moves\Phrase;

/** What is wrong with a box: too small, too short, alone or not, too cold on its way, air that does not last, too heavy to carry. */
final readonly class BoxChecks
{
    /** Inside length of a box, of the longest fish. */
    private const LENGTHS = 1.5;

    /** Litres for each cm that are comfort, to two hours and beyond (M-4). */
    private const COMFORT_L_CM = 2.0;

    private const COMFORT_LONG_L_CM = 4.0;

    private const LONG_H = 2.0;

    /** Battery air lasts so much longer than the way (M-15). */
    private const AIR_RESERVE = 1.5;

    /**
     * @param  list<BoxAnswer>  $boxes
     * @param  array<string, BoxTemperature|null>  $warmth
     * @return list<Finding>
     */
    public static function of(MoveBrief $brief, array $boxes, array $warmth, ?Timetable $day): array
    {
        $found = [];
        $homeless = array_filter($brief->animals, fn (Animal $a): bool => ! in_array($a->box, array_column($brief->boxes, 'id'), true));
        foreach ($homeless as $animal) {
            $found[] = self::say(
                Severity::Fix,
                'M-4',
                'move-no-box',
                [
                    Phrase::HasNoBox,
                    Phrase::WhoeverIsCaughtNeedsWater,
                    Phrase::GiveItABox,
                ],
                [
                    'animal' => $animal->label,
                ],
                $animal->id,
            );
        }
        foreach ($boxes as $answer) {
            $in = $brief->in($answer->box);
            if ($in !== []) {
                array_push(
                    $found,
                    ...self::size($answer, self::plannedH($answer->box, $day)),
                    ...self::company($answer->box, $in),
                    ...self::air($answer, self::plannedH($answer->box, $day)),
                    ...self::warm($answer->box, $warmth, $day),
                );
            }
            array_push($found, ...self::carried($brief, $answer->box));
        }

        return $found;
    }

    /** From the first animal in until it is empty. */
    private static function plannedH(Box $box, ?Timetable $day): ?float
    {
        foreach ($day->clocks ?? [] as $clock) {
            if ($clock['label'] === $box->label) {
                return ($clock['untilMin'] - $clock['fromMin']) / 60;
            }
        }

        return null;
    }

    /** @return list<Finding> */
    private static function size(BoxAnswer $answer, ?float $plannedH): array
    {
        $box = $answer->box;
        if ($answer->needs !== []) {
            return [self::say(
                Severity::Fix,
                'M-21',
                'move-box-unknown',
                [
                    Phrase::NobodyCanSayYetHowLong,
                    Phrase::ItNeeds,
                    Phrase::CompleteIt,
                ],
                [
                    'box' => $box->label,
                    'needs' => implode(', ', $answer->needs),
                ],
                $box->id,
            )];
        }
        if ($answer->hours === null) {
            return [];
        }
        $found = [];
        $leastL = $answer->leastL($plannedH ?? 0.0);
        $parts = [
            'box' => $box->label,
            'litres' => Quantity::of($box->litres, Kind::Volume),
            'least' => is_finite($leastL) ? Quantity::of($leastL, Kind::Volume) : 'more than any box',
        ];
        $comfortL = $answer->fishCm * (($plannedH ?? 0.0) > self::LONG_H ? self::COMFORT_LONG_L_CM : self::COMFORT_L_CM);
        if ($box->litres < $leastL - 1e-9) {
            $found[] = self::say(
                Severity::Stop,
                'M-21',
                'move-box-small',
                [
                    Phrase::HoldsItsFishWant,
                    Phrase::ByTheirLength,
                    Phrase::ALargerBox,
                ],
                $parts,
                $box->id,
            );
        } elseif ($box->litres < $comfortL) {
            $found[] = self::say(
                Severity::Watch,
                'M-4',
                'move-box-tight',
                [
                    Phrase::HoldsWouldBeComfort,
                    Phrase::ItLastsAndLeavesLittle,
                    Phrase::ALargerBoxWhereThere,
                ],
                $parts + ['comfort' => Quantity::of($comfortL, Kind::Volume)],
                $box->id,
            );
        }
        if ($box->lengthMm < self::LENGTHS * 10 * $answer->longestCm - 1e-9) {
            $found[] = self::say(
                Severity::Fix,
                'M-21',
                'move-box-short',
                [
                    Phrase::IsShorterThan,
                    Phrase::ItCannotTurn,
                    Phrase::ABoxOfOrMoreInside,
                ],
                $parts + ['length' => Quantity::of(self::LENGTHS * 10 * $answer->longestCm, Kind::Length)],
                $box->id,
            );
        }

        return $found;
    }

    /**
     * @param  list<Animal>  $in
     * @return list<Finding>
     */
    private static function company(Box $box, array $in): array
    {
        $found = [];
        $together = array_sum(array_map(fn (Animal $a): int => $a->count, $in));
        foreach ($in as $animal) {
            if (($animal->isAlone && $together > 1) || ($animal->isToxic && count($in) > 1)) {
                $found[] = self::say(
                    $animal->isToxic ? Severity::Stop : Severity::Fix,
                    'M-4',
                    'move-not-alone',
                    [
                        Phrase::AnimalSharesBox,
                        $animal->isToxic
                        ? Phrase::StressedItPoisonsTheWater
                        : Phrase::InASmallBoxItBites,
                        Phrase::ABoxOfItsOwn,
                    ],
                    ['animal' => $animal->label, 'box' => $box->label],
                    $animal->id,
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function air(BoxAnswer $answer, ?float $plannedH): array
    {
        $box = $answer->box;
        if ($box->airLMin <= 0 || $answer->hours === null) {
            return [];
        }
        if (! $answer->airSuffices) {
            return [self::say(
                Severity::Fix,
                'M-22',
                'move-air-little',
                [
                    Phrase::TheAirOfDoesNotCarry,
                    Phrase::ItHelpsAndIsNotCounted,
                    Phrase::AStrongerPump,
                ],
                ['box' => $box->label],
                $box->id,
            )];
        }
        $wantedH = self::AIR_RESERVE * ($plannedH ?? 0.0);

        return $box->airHours !== null && $box->airHours >= $wantedH ? [] : [self::say(
            Severity::Fix,
            'M-15',
            'move-air-short',
            [
                $box->airHours === null
                    ? Phrase::NobodyHasSaidHowLong
                    : Phrase::TheBatteryOfLasts,
                Phrase::HalfAsLongAgain,
                Phrase::ASpareBatteryOnTheList,
            ],
            [
                'box' => $box->label,
                'hours' => Quantity::of($box->airHours ?? 0.0, Kind::Hours),
                'wanted' => Quantity::of($wantedH, Kind::Hours),
            ],
            $box->id,
        )];
    }

    /**
     * @param  array<string, BoxTemperature|null>  $warmth
     * @return list<Finding>
     */
    private static function warm(Box $box, array $warmth, ?Timetable $day): array
    {
        if ($day === null || ! array_key_exists($box->id, $warmth)) {
            return [];
        }
        $course = $warmth[$box->id];
        if ($course === null) {
            return [self::say(
                Severity::Fix,
                'M-23',
                'move-box-weather',
                [
                    Phrase::NobodyCanSayYetHowWarm,
                    Phrase::ItNeedsTheOldWatersTemperature,
                    Phrase::ReadTheForecast,
                ],
                ['box' => $box->label],
                $box->id,
            )];
        }
        $coldest = min([INF, ...$course->endsC]);
        $warmest = max([-INF, ...$course->endsC]);

        return $course->hoursToLimit === null ? [] : [self::say(
            Severity::Stop,
            'M-23',
            'move-box-temperature',
            [
                $coldest < BoxTemperature::LOWER_C ? Phrase::ComesDownTo : Phrase::ComesUpTo,
                Phrase::LegByLeg,
                Phrase::AFoamBox,
            ],
            [
                'box' => $box->label,
                'cold' => Quantity::of($coldest, Kind::Temperature),
                'warm' => Quantity::of($warmest, Kind::Temperature),
                'after' => Quantity::of($course->hoursToLimit, Kind::Hours),
            ],
            $box->id,
        )];
    }

    /** @return list<Finding> */
    private static function carried(MoveBrief $brief, Box $box): array
    {
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $brief->people);

        return $limits === [] || Gang::of($box->kg(), $brief->way->hasStairs(), $limits) !== null ? [] : [self::say(
            Severity::Stop,
            'M-26',
            'move-box-heavy',
            [
                Phrase::WeighsWhenItIsFull,
                Phrase::ThreeOfThoseWhoComeDo,
                Phrase::FillItWhereItRides,
            ],
            ['box' => $box->label, 'kg' => Quantity::of($box->kg(), Kind::Mass)],
            $box->id,
        )];
    }

    /**
     * @param  array{0: Phrase, 1: Phrase, 2: Phrase}  $words  what, why, and what would put it right
     * @param  array<string, Quantity|Sentence|string>  $parts
     */
    public static function say(
        Severity $severity,
        string $rule,
        string $code,
        array $words,
        array $parts = [],
        ?string $subject = null,
    ): Finding {
        return Finding::of(
            severity: $severity,
            rule: $rule,
            about: 'move',
            what: Sentence::of($words[0], $parts),
            why: Sentence::of($words[1], $parts),
            remedy: Sentence::of($words[2], $parts),
            subject: $subject,
        )->answering($code);
    }
}
