<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Closure;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Lamp;
use Velbrin\Core\Build\LitDay;
use Velbrin\Core\Build\LitTank;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\OtherVessel;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\Fixture;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Working;
use Velbrin\Core\Vessel\Filled;
use Velbrin\Core\Vessel\Rectangular;

/** What the lamps of a plan give where corals will stand, how evenly, and in a day (B-50, B-51). */
final class Lighting implements Topic
{
    /** Corals near the surface stand about here, mm under it. */
    private const TOP_MM = 100.0;

    /** Least by mean: below it one end grows and the other starves. */
    private const EVEN = 0.5;

    /** Less of the area in range is a lamp that does not suit. */
    private const FIT_PCT = 50.0;

    private const COLUMNS = 60;

    private const DAYS_A_MONTH = 30.4375;

    private const OTHER_COLUMNS = 24;

    private const OTHER_ROWS = 12;

    /** Light of the further vessels, by their number. */
    public const OTHERS = ['otherLight1', 'otherLight2', 'otherLight3', 'otherLight4'];

    private const ROWS = 30;

    public function keys(): array
    {
        return ['parTop', 'parMid', 'parLow', 'lightEven', 'dliMol', 'rampMol', 'darkDays', 'coralShares'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        if (self::overDisplay($facts) === []) {
            // The drawing itself offers to place the first one.
            return new TopicAnswer([]);
        }
        $survey = LightRead::calibrating($facts);
        $factor = $survey?->calibrates() ? $survey->factor : null;
        $depths = self::depthsMm($facts);
        $map = self::mapping($facts, $factor);
        $maps = array_map($map, array_intersect_key($depths, array_flip(['top', 'mid', 'low'])));
        $mid = $maps['mid'];
        $sharesPct = $mid->groupSharePct();
        $day = LitDay::of($facts);
        $dli = Quantity::of($day->integralMol($mid->mean), Kind::DailyLight);
        $even = Quantity::of(100 * $mid->uniformity, Kind::Percent);
        $shares = [];
        foreach ($sharesPct as $group => $share) {
            $shares[] = sprintf('%s %d %%', $group, (int) round($share));
        }
        $parts = [
            'even' => $even,
            'corner' => self::par($mid->corner),
            'mean' => self::par($mid->mean),
            'limit' => Quantity::of(100 * self::EVEN, Kind::Percent),
        ];

        return new TopicAnswer(
            [
                ...array_map(
                    fn (string $key, string $at): Figure => self::level($key, $maps[$at], $facts),
                    ['parTop', 'parMid', 'parLow'],
                    ['top', 'mid', 'low'],
                ),
                Figure::number(
                    'lightEven',
                    $even,
                    Sentence::of(Phrase::LeastByMean, $parts),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['lightEven'],
                        '100*l/m',
                        [
                            ['l', 'Least of the grid', $mid->least, Kind::Par],
                            ['m', 'Mean of the grid', $mid->mean, Kind::Par],
                        ],
                        $even,
                        'B-50',
                    ),
                ),
                Figure::number(
                    'dliMol',
                    $dli,
                    Sentence::of(Phrase::InTheMean),
                    $facts->basis(),
                    Working::of(
                        Topic::LABELS['dliMol'],
                        'p*h*3600/1000000',
                        [
                            ['p', 'Mean at full power, halfway down', $mid->mean, Kind::Par],
                            [
                                'h',
                                'Hours at full power that give the same, ramps counted',
                                $day->fullHours(),
                                Kind::Hours,
                            ],
                        ],
                        $dli,
                        'B-51',
                    ),
                ),
                ...self::power($facts, $day),
                ...self::ramp($facts, $dli->value),
                ...self::dark($facts),
                Figure::words(
                    'coralShares',
                    implode(', ', $shares),
                    Sentence::of(Phrase::ShareOfTheAreaHalfwayDown),
                    $facts->basis(),
                ),
            ],
            [
                $mid->uniformity < self::EVEN
                    ? Finding::of(
                        severity: Severity::Watch,
                        rule: 'B-50',
                        about: 'light',
                        what: Sentence::of(Phrase::UnevenLightTheDimmestPlace, $parts),
                        why: Sentence::of(
                            Phrase::TheDimmestCornerGets,
                            $parts,
                        ),
                        remedy: Sentence::of(Phrase::HangTheLampsHigher),
                        basis: $facts->basis(),
                        working: 'lightEven',
                    )
                    : Finding::of(
                        severity: Severity::Fine,
                        rule: 'B-50',
                        about: 'light',
                        what: Sentence::of(Phrase::EvenLightTheDimmestPlace, $parts),
                        why: Sentence::of(
                            $factor === null
                                ? Phrase::ASurveyWithAMeterCalibrates
                                : Phrase::ThroughWhatTheMeterRead,
                        ),
                        remedy: null,
                        basis: $facts->basis(),
                        working: 'lightEven',
                    ),
                ...self::fit($mid, $sharesPct, $facts),
            ],
            new LitTank($depths, $maps, $map, LightRead::all($facts), $day),
        );
    }

    /**
     * Where the light is looked at, below the surface.
     *
     * @return array{top: float, upper: float, mid: float, lower: float, low: float, own?: float}
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function depthsMm(Facts $facts): array
    {
        $water = DisplayTank::of($facts)->waterMm() - $facts->number(F::SandDepthMm);
        if ($water <= 0) {
            throw OutOfRange::number(
                F::SandDepthMm->value,
                $facts->number(F::SandDepthMm),
                Phrase::LessThanTheWaterIsDeep,
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of(floor(DisplayTank::of($facts)->waterMm()), Kind::Length),
            );
        }
        $depths = [
            'top' => min(self::TOP_MM, $water / 2),
            'upper' => $water / 4,
            'mid' => $water / 2,
            'lower' => ($water * 3) / 4,
            'low' => $water,
        ];
        if ($facts->brief->has(F::MapDepthMm)) {
            $depth = $facts->number(F::MapDepthMm);
            $depths['own'] =
                $depth <= $water
                    ? $depth
                    : throw OutOfRange::number(
                        F::MapDepthMm->value,
                        $depth,
                        Phrase::N0ToTheSand,
                        ['water' => (string) $water],
                        least: Quantity::of(0, Kind::Length),
                        most: Quantity::of($water, Kind::Length),
                    );
        }

        return $depths;
    }

    /**
     * At full power, by the depth in mm: as predicted, or through what a meter read.
     *
     * @return Closure(float): LightMap
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function mapping(Facts $facts, ?float $factor): Closure
    {
        [$length, $width, $outline] = self::inside($facts);
        $lamps = self::fixtures($facts, $length, $width);
        $perM = $facts->number(F::AttenuationPerM);

        return function (float $depthMm) use ($lamps, $length, $width, $perM, $outline, $factor): LightMap {
            $map = LightMap::of(
                fixtures: $lamps,
                lengthMm: $length,
                widthMm: $width,
                depthMm: $depthMm,
                attenuationPerM: $perM,
                columns: self::COLUMNS,
                rowsCount: self::ROWS,
                outline: $outline,
            );

            return $factor === null ? $map : $map->calibrated($factor);
        };
    }

    /**
     * What the light takes in a month (B-50): the watts of all lamps over the hours at full power.
     *
     * @return list<Figure>
     */
    private static function power(Facts $facts, DayPlan $day): array
    {
        if (! $facts->brief->has(F::LightsW)) {
            return [];
        }
        $month = Quantity::of(
            ($facts->number(F::LightsW) * $day->fullHours() * self::DAYS_A_MONTH) / 1000,
            Kind::Energy,
        );

        return [
            Figure::number(
                'lightKwh',
                $month,
                Sentence::of(Phrase::AsLongAsADay, [
                    'hours' => Quantity::of($day->fullHours(), Kind::Hours),
                ]),
                $facts->basis(),
                Working::of(
                    Topic::LABELS['lightKwh'],
                    'w*h*30.4375/1000',
                    [
                        $facts->row('w', F::LightsW),
                        ['h', 'Hours at full power that give the same', $day->fullHours(), Kind::Hours],
                    ],
                    $month,
                    'B-50',
                ),
            ),
        ];
    }

    /**
     * New light rises over weeks, so that corals made for less are not burnt (B-51).
     *
     * @return list<Figure>
     */
    private static function ramp(Facts $facts, float $mol): array
    {
        if (! $facts->brief->has(F::RampWeeks) || ! $facts->brief->has(F::RampStartPct)) {
            return [];
        }
        $first = Quantity::of(($mol * $facts->number(F::RampStartPct)) / 100, Kind::DailyLight);
        $weeks = $facts->number(F::RampWeeks);

        return [
            Figure::number(
                'rampMol',
                $first,
                Sentence::of(Phrase::ThenMoreEachWeek, [
                    'step' => Quantity::of(($mol - $first->value) / $weeks, Kind::DailyLight),
                    'full' => Quantity::of($mol, Kind::DailyLight),
                    'weeks' => Quantity::of(7 * $weeks, Kind::Days),
                ]),
                $facts->basis(),
                Working::of(
                    Topic::LABELS['rampMol'],
                    'm*s/100',
                    [['m', 'Light of a day, halfway down', $mol, Kind::DailyLight], $facts->row('s', F::RampStartPct)],
                    $first,
                    'B-51',
                ),
            ),
        ];
    }

    /**
     * Half the area at least in the range of what is kept (K-4).
     *
     * @param  array<string, float>  $sharesPct  of the area that suits each group
     * @return list<Finding>
     */
    private static function fit(LightMap $mid, array $sharesPct, Facts $facts): array
    {
        $group = ['soft' => 'soft corals', 'mixed' => 'large-polyp stony', 'stony' => 'small-polyp stony'][
            $facts->word(F::Livestock)
        ];
        [$low, $high] = LightMap::GROUPS[$group];
        $sharePct = $sharesPct[$group];
        $parts = [
            'share' => Quantity::of($sharePct, Kind::Percent),
            'group' => $group,
            'low' => self::par($low),
            'high' => self::par($high),
            'mean' => self::par($mid->mean),
            'half' => Quantity::of(self::FIT_PCT, Kind::Percent),
        ];

        return [
            match (true) {
                $sharePct >= self::FIT_PCT => Finding::of(
                    severity: Severity::Fine,
                    rule: 'K-4',
                    about: 'light',
                    what: Sentence::of(Phrase::OfTheAreaSuitHalfwayDown, $parts),
                    why: Sentence::of(Phrase::TheirRangeIsTo, $parts),
                    remedy: null,
                    basis: $facts->basis(),
                    working: 'coralShares',
                ),
                $mid->mean > $high => Finding::of(
                    severity: Severity::Watch,
                    rule: 'K-4',
                    about: 'light',
                    what: Sentence::of(Phrase::OnlyOfTheAreaSuit, $parts),
                    why: Sentence::of(Phrase::HalfwayDownTheMean, $parts),
                    remedy: Sentence::of(Phrase::TurnTheLampsDown),
                    basis: $facts->basis(),
                    working: 'coralShares',
                ),
                default => Finding::of(
                    severity: Severity::Watch,
                    rule: 'K-4',
                    about: 'light',
                    what: Sentence::of(Phrase::OnlyOfTheAreaSuitToo, $parts),
                    why: Sentence::of(
                        Phrase::HalfwayDownTheMeanIs,
                        $parts,
                    ),
                    remedy: Sentence::of(Phrase::AnotherLampOrLampsFurtherApart),
                    basis: $facts->basis(),
                    working: 'coralShares',
                ),
            },
        ];
    }

    /**
     * The lamps over the display as the field counts them.
     *
     * @return list<Fixture>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function overTank(Facts $facts): array
    {
        [$length, $width] = self::inside($facts);

        return self::fixtures($facts, $length, $width);
    }

    /**
     * @return list<Fixture>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function fixtures(Facts $facts, float $length, float $width): array
    {
        $below = DisplayTank::of($facts)->runningBelowRimMm;
        $lamps = [];
        foreach (self::overDisplay($facts) as $lamp) {
            self::over($lamp, $length, $width);
            $lamps[] = self::fixture($lamp, $below + ($lamp->aboveRimMm ?? $facts->number(F::LampAboveRimMm)));
        }

        return $lamps;
    }

    /** @throws OutOfRange */
    private static function fixture(Lamp $lamp, float $aboveWaterMm): Fixture
    {
        return $lamp->grid === null
            ? Fixture::of($lamp->xMm, $lamp->yMm, $aboveWaterMm, $lamp->ppf, $lamp->halfAngleDeg)
            : Fixture::measured($lamp->xMm, $lamp->yMm, $aboveWaterMm, $lamp->grid);
    }

    /** @return list<Lamp> */
    private static function overDisplay(Facts $facts): array
    {
        return array_values(array_filter($facts->brief->lamps, fn (Lamp $l): bool => $l->over === null));
    }

    /**
     * No light at all after filling, so that films and algae find nothing while bacteria settle; then the light rises (B-51).
     *
     * @return list<Figure>
     */
    private static function dark(Facts $facts): array
    {
        if (! $facts->brief->has(F::DarkDays)) {
            return [];
        }
        $days = $facts->number(F::DarkDays);
        $weeks = $facts->brief->has(F::RampWeeks) ? $facts->number(F::RampWeeks) : 0.0;

        return [
            Figure::number(
                'darkDays',
                Quantity::of($days, Kind::Days),
                $weeks > 0
                    ? Sentence::of(Phrase::AfterFillingFullLightAfterIt, [
                        'full' => Quantity::of($days + 7 * $weeks, Kind::Days),
                    ])
                    : Sentence::of(Phrase::AfterFilling),
                $facts->basis(),
            ),
        ];
    }

    /**
     * Half down in each further vessel that has lamps of its own, with its own day (B-51: a refugium is lit while the display is dark).
     *
     * @return list<Figure>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function others(Facts $facts): array
    {
        $over = [];
        foreach ($facts->brief->lamps as $lamp) {
            if ($lamp->over !== null) {
                $over[$lamp->over][] = $lamp;
            }
        }
        ksort($over);
        $figures = [];
        foreach ($over as $n => $lamps) {
            $vessel =
                $facts->brief->vessels[$n - 1] ??
                throw OutOfRange::number(
                    "lamps.{$lamps[0]->row}.over",
                    $n,
                    Phrase::TheNumberOfAVesselThere,
                    ['count' => (string) count($facts->brief->vessels)],
                );
            $figures[] = self::other($facts, $vessel, $n, $lamps);
        }

        return $figures;
    }

    /** @param  non-empty-list<Lamp>  $lamps */
    private static function other(Facts $facts, OtherVessel $vessel, int $n, array $lamps): Figure
    {
        $outline = $vessel->vessel->footprint->insideOutline($vessel->vessel->wallMm);
        [$length, $width] = [max(array_column($outline, 0)), max(array_column($outline, 1))];
        $below = $vessel->vessel->insideHeightMm() - $vessel->waterMm;
        $fixtures = [];
        foreach ($lamps as $lamp) {
            self::over($lamp, $length, $width);
            $fixtures[] = self::fixture(
                $lamp,
                max(1.0, $below + ($lamp->aboveRimMm ?? $facts->number(F::LampAboveRimMm))),
            );
        }
        $map = LightMap::of(
            $fixtures,
            $length,
            $width,
            $vessel->waterMm / 2,
            $facts->number(F::AttenuationPerM),
            self::OTHER_COLUMNS,
            self::OTHER_ROWS,
            outline: $vessel->vessel->footprint instanceof Rectangular ? null : $outline,
        );
        $day = LitDay::of($facts);
        $own = $vessel->reversed ? $day->reversed() : $day;
        $parts = [
            'name' => $vessel->name === '' ? "vessel {$n}" : $vessel->name,
            'least' => self::par($map->least),
            'most' => self::par($map->most),
            'mol' => Quantity::of($own === null ? 0.0 : $own->integralMol($map->mean), Kind::DailyLight),
            'hours' => Quantity::of($own?->hours() ?? 0.0, Kind::Hours),
        ];

        return Figure::number(
            "otherLight{$n}",
            self::par($map->mean),
            Sentence::of(
                $vessel->reversed ? Phrase::ToHalfwayDownInADay : Phrase::ToHalfwayDownInADayOf,
                $parts,
            ),
            $facts->basis(),
        );
    }

    /** @throws OutOfRange a lamp that hangs beside the tank */
    private static function over(Lamp $lamp, float $length, float $width): void
    {
        $i = $lamp->row;
        if ($lamp->xMm > $length) {
            throw OutOfRange::number(
                "lamps.{$i}.xMm",
                $lamp->xMm,
                Phrase::N0To,
                ['length' => Quantity::of($length, Kind::Length)],
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of($length, Kind::Length),
            );
        }
        if ($lamp->yMm > $width) {
            throw OutOfRange::number(
                "lamps.{$i}.yMm",
                $lamp->yMm,
                Phrase::N0To2,
                ['width' => Quantity::of($width, Kind::Length)],
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of($width, Kind::Length),
            );
        }
    }

    /**
     * The inside seen from above.
     *
     * @return array{0: float, 1: float, 2: non-empty-list<array{0: float, 1: float}>|null, 3: non-empty-list<array{0: float, 1: float}>}
     *     length, front to back, the outline of what of that rectangle is tank (null: all of it), and its outline in any case
     *
     * @throws Missing
     */
    public static function inside(Facts $facts): array
    {
        $wall = $facts->number(F::WallMm);
        $footprint = DisplayTank::footprint($facts);
        $outline = $footprint->insideOutline($wall);
        [$length, $width] = [max(array_column($outline, 0)), max(array_column($outline, 1))];

        return [
            $length,
            $width,
            $footprint instanceof Rectangular || $footprint instanceof Filled ? null : $outline,
            $outline,
        ];
    }

    private static function level(string $key, LightMap $map, Facts $facts): Figure
    {
        return Figure::number(
            $key,
            self::par($map->mean),
            Sentence::of(Phrase::InTheMeanTo, [
                'least' => self::par($map->least),
                'most' => self::par($map->most),
                'depth' => Quantity::of($map->depthMm, Kind::Length),
            ]),
            $facts->basis(),
        );
    }

    private static function par(float $par): Quantity
    {
        return Quantity::of($par, Kind::Par);
    }
}
