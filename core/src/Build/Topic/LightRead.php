<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\LightPoint;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Light\LightField;
use Velbrin\Core\Light\LightSeries;
use Velbrin\Core\Light\LightSurvey;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What meters read under the lamps: beside the prediction, one meter beside another, one day beside another (B-52, B-83). */
final class LightRead implements Topic
{
    /** Readings further apart than this say that the plan is wrong, not the factor. */
    private const SCATTER_PCT = 20.0;

    /** Meters apart by more are not read for one another. */
    private const METERS_PCT = 10.0;

    /** A change by more is more than reading it again. */
    private const DAYS_PCT = 15.0;

    public function keys(): array
    {
        return [];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $survey = self::calibrating($facts);

        return $survey === null
            ? new TopicAnswer([])
            : new TopicAnswer([], [self::beside($survey, $facts), ...self::series($facts)]);
    }

    /**
     * Every reading beside the prediction at its setting, in their order; null while nobody has read.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function all(Facts $facts): ?LightSurvey
    {
        return self::of($facts, $facts->brief->points);
    }

    /**
     * The latest day's readings of the meter that read most of them: those calibrate the maps.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function calibrating(Facts $facts): ?LightSurvey
    {
        $points = $facts->brief->points;
        if ($points === []) {
            return null;
        }
        $day = max(array_map(fn (LightPoint $p): string => $p->day, $points));
        $latest = array_values(array_filter($points, fn (LightPoint $p): bool => $p->day === $day));
        $meters = array_count_values(array_map(fn (LightPoint $p): string => $p->meter, $latest));
        arsort($meters);
        $meter = (string) array_key_first($meters);

        return self::of($facts, array_values(array_filter($latest, fn (LightPoint $p): bool => $p->meter === $meter)));
    }

    /** @param  list<LightPoint>  $points */
    private static function of(Facts $facts, array $points): ?LightSurvey
    {
        if ($points === []) {
            return null;
        }
        foreach ($facts->brief->rows('points') as $row) {
            $day = $row->wordOr('day') ?? '';
            if (
                $day !== '' &&
                (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $m) !== 1 ||
                    ! checkdate((int) $m[2], (int) $m[3], (int) $m[1]))
            ) {
                throw OutOfRange::field("points.{$row->row}.day", Phrase::ADayIsNeeded, Phrase::YearMonthDay);
            }
        }
        $lamps = Lighting::overTank($facts);
        $k = $facts->number(F::AttenuationPerM);

        return LightSurvey::of(
            array_map(
                fn (LightPoint $p): float => $p->share * LightField::par($lamps, $p->xMm, $p->yMm, $p->depthMm, $k),
                $points,
            ),
            array_map(fn (LightPoint $p): float => $p->par, $points),
        );
    }

    private static function beside(LightSurvey $survey, Facts $facts): Finding
    {
        $parts = [
            'share' => Quantity::of(100 * $survey->factor, Kind::Percent),
            'scatter' => Quantity::of($survey->scatterPct, Kind::Percent),
            'n' => Quantity::of(count($survey->measured), Kind::Count),
            'least' => Quantity::of(LightSurvey::LEAST_POINTS, Kind::Count),
        ];

        return match (true) {
            ! $survey->calibrates() => Finding::of(
                Severity::Watch,
                'B-52',
                'light',
                Sentence::of(Phrase::ReadWithTheMeter, $parts),
                Sentence::of(Phrase::OrMoreAtDifferentPlaces, $parts),
                Sentence::of(Phrase::ReadFurtherPointsAtFullPower),
                $facts->basis(),
            ),
            $survey->scatterPct > self::SCATTER_PCT => Finding::of(
                Severity::Watch,
                'B-52',
                'light',
                Sentence::of(Phrase::TheMeterAndThePlanDo, $parts),
                Sentence::of(
                    Phrase::TheyAreOfThePrediction,
                    $parts,
                ),
                Sentence::of(Phrase::LookAtLamps),
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fine,
                'B-52',
                'light',
                Sentence::of(Phrase::TheMeterReadsOfThePrediction, $parts),
                Sentence::of(
                    Phrase::PointsScatteredByTheMapsFollow,
                    $parts,
                ),
                null,
                $facts->basis(),
            ),
        };
    }

    /**
     * Two meters on one day, and one meter on two days.
     *
     * @return list<Finding>
     */
    private static function series(Facts $facts): array
    {
        $groups = [];
        foreach ($facts->brief->points as $p) {
            $groups["{$p->day}\0{$p->meter}"][] = $p;
        }
        ksort($groups);
        $series = array_values(
            array_map(
                fn (array $of): LightSeries => new LightSeries(
                    $of[0]->meter,
                    $of[0]->day,
                    array_map(fn (LightPoint $p): array => [$p->xMm, $p->yMm, $p->depthMm, $p->par / $p->share], $of),
                ),
                $groups,
            ),
        );
        $found = [];
        foreach ($series as $i => $later) {
            foreach (array_slice($series, 0, $i) as $earlier) {
                $ratio =
                    $later->meter === $earlier->meter || $later->day === $earlier->day
                        ? $later->against($earlier)
                        : null;
                if ($ratio !== null) {
                    $found[] =
                        $later->day === $earlier->day
                            ? self::meters($earlier, $later, $ratio, $facts)
                            : self::days($earlier, $later, $ratio, $facts);
                }
            }
        }

        return $found;
    }

    /** @param  array{0: float, 1: int}  $ratio */
    private static function meters(LightSeries $one, LightSeries $other, array $ratio, Facts $facts): Finding
    {
        $off = 100 * ($ratio[0] - 1);
        $parts = [
            'other' => $other->meter === '' ? 'the other meter' : $other->meter,
            'one' => $one->meter === '' ? 'the first' : $one->meter,
            'off' => Quantity::of(abs($off), Kind::Percent),
            'n' => Quantity::of($ratio[1], Kind::Count),
        ];
        $what = Sentence::of(
            $off >= 0 ? Phrase::ReadsMoreThan : Phrase::ReadsLessThan,
            $parts,
        );

        return abs($off) > self::METERS_PCT
            ? Finding::of(
                Severity::Watch,
                'B-52',
                'light',
                $what,
                Sentence::of(Phrase::AtPointsOnTheSameDay, $parts),
                Sentence::of(Phrase::KeepToOneMeterHere),
                $facts->basis(),
            )
            : Finding::of(
                Severity::Fine,
                'B-52',
                'light',
                $what,
                Sentence::of(Phrase::AtPointsOnTheSameDayNear, $parts),
                null,
                $facts->basis(),
            );
    }

    /** @param  array{0: float, 1: int}  $ratio */
    private static function days(LightSeries $before, LightSeries $after, array $ratio, Facts $facts): Finding
    {
        $off = 100 * ($ratio[0] - 1);
        $parts = [
            'off' => Quantity::of(abs($off), Kind::Percent),
            'before' => $before->day === '' ? 'the first reading' : $before->day,
            'after' => $after->day,
            'n' => Quantity::of($ratio[1], Kind::Count),
        ];

        return match (true) {
            $off < -self::DAYS_PCT => Finding::of(
                Severity::Watch,
                'B-52',
                'light',
                Sentence::of(Phrase::LessLightThan, $parts),
                Sentence::of(
                    Phrase::AtPointsBothTimes,
                    $parts,
                ),
                Sentence::of(Phrase::CleanLookAtHeightsThenNew),
                $facts->basis(),
            ),
            $off > self::DAYS_PCT => Finding::of(
                Severity::Watch,
                'B-83',
                'light',
                Sentence::of(Phrase::MoreLightThan, $parts),
                Sentence::of(Phrase::AtPointsBothTimesWhat, $parts),
                Sentence::of(Phrase::StartARamp),
                $facts->basis(),
            ),
            default => Finding::of(
                Severity::Fine,
                'B-52',
                'light',
                Sentence::of(
                    $off < 0 ? Phrase::LessLightThan : Phrase::MoreLightThan,
                    $parts,
                ),
                Sentence::of(Phrase::AtPointsBothTimesWithin, $parts),
                null,
                $facts->basis(),
            ),
        };
    }
}
