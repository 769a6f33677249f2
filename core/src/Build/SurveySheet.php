<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\Kind;

/** What a survey asks of a room (B-1, B-88), in the order one walks it. Keys are the record's column names. */
final class SurveySheet
{
    public const GROUPS = ['floor' => 'Floor', 'climate' => 'Climate', 'space' => 'Space and services'];

    /** @return array<string, SurveySpec> by key, in order */
    public static function fields(): array
    {
        $fields = [];
        foreach ([...self::floor(), ...self::climate(), ...self::space()] as $spec) {
            $fields[$spec->key] = $spec;
        }

        return $fields;
    }

    /**
     * What nobody has given yet. A slab on the ground does not span, so its span is not asked for.
     *
     * @param  array<string, float|string|null>  $values  by key
     * @return list<SurveySpec>
     */
    public static function missing(array $values): array
    {
        $spans = ($values['floor_type'] ?? null) !== 'slab';

        return array_values(
            array_filter(
                self::fields(),
                fn (SurveySpec $s): bool => ($values[$s->key] ?? null) === null &&
                    ($spans || ! in_array($s->plan, [F::SpanMm, F::FromSupportMm, F::Joists], true)),
            ),
        );
    }

    /** @return list<SurveySpec> */
    private static function floor(): array
    {
        return [
            SurveySpec::ofPlan('storey', 'floor', F::Storey, 'Floor word'),
            SurveySpec::ofPlan('floor_type', 'floor', F::FloorType, 'Floor word'),
            SurveySpec::ofPlan(
                'joists',
                'floor',
                F::Joists,
                'Floor word',
                'Joists run, seen from where the tank will stand',
            ),
            SurveySpec::ofPlan('span_mm', 'floor', F::SpanMm, 'Bending load of the floor'),
            SurveySpec::ofPlan('from_support_mm', 'floor', F::FromSupportMm, 'Bending load of the floor'),
            SurveySpec::ofPlan('allowance_kpa', 'floor', F::AllowanceKpa, 'Floor word'),
            SurveySpec::ofPlan('out_of_level_mm_m', 'floor', F::OutOfLevelMmM, 'Levelling before filling'),
            SurveySpec::ofPlan('wall_opening', 'floor', F::WallOpening, 'Engineer before demolition'),
            SurveySpec::ofPlan('balcony', 'floor', F::Balcony, 'Floor word'),
        ];
    }

    /** @return list<SurveySpec> */
    private static function climate(): array
    {
        return [
            SurveySpec::ofPlan('winter_night_c', 'climate', F::WinterC, 'Heaters, heat loss', 'Winter, coldest night'),
            SurveySpec::number('winter_day_c', 'climate', 'Winter, day', Kind::Temperature, -10, 35, 'Daily swing'),
            SurveySpec::ofPlan(
                'summer_day_c',
                'climate',
                F::SummerC,
                'Cooling, heater stuck on',
                'Summer, hottest day',
            ),
            SurveySpec::number('summer_night_c', 'climate', 'Summer, night', Kind::Temperature, -10, 45, 'Daily swing'),
            SurveySpec::number(
                'winter_usual_night_c',
                'climate',
                'Winter, a usual night',
                Kind::Temperature,
                -10,
                35,
                'What a year costs',
            ),
            SurveySpec::number(
                'summer_usual_day_c',
                'climate',
                'Summer, a usual day',
                Kind::Temperature,
                -10,
                45,
                'What a year costs',
            ),
            SurveySpec::number(
                'unheated_winter_c',
                'climate',
                'Winter, when nothing heats it',
                Kind::Temperature,
                -30,
                30,
                'Room’s climate fails',
            ),
            SurveySpec::number(
                'uncooled_summer_c',
                'climate',
                'Summer, when nothing cools it',
                Kind::Temperature,
                0,
                55,
                'Room’s climate fails',
            ),
            SurveySpec::ofPlan('humidity_pct', 'climate', F::HumidityPct, 'Evaporation, condensation', 'Humidity'),
            SurveySpec::words('heating', 'climate', 'Heating and cooling, and who may switch it', 'Hours in hand'),
            SurveySpec::number('people', 'climate', 'People in it, usually', Kind::Count, 0, 200, 'Room air, pH'),
            // Parts per million, as TDS is.
            SurveySpec::number(
                'co2_ppm',
                'climate',
                'CO₂ in the air, measured with people in',
                Kind::Tds,
                300,
                10000,
                'pH of the tank',
            ),
            SurveySpec::words('windows', 'climate', 'Windows, sun, ventilation', 'Cooling, room air'),
        ];
    }

    /** @return list<SurveySpec> */
    private static function space(): array
    {
        return [
            SurveySpec::ofPlan('clear_height_mm', 'space', F::CeilingMm, 'Room over the lamp'),
            SurveySpec::number(
                'water_distance_m',
                'space',
                'Water tap, distance',
                Kind::Height,
                0,
                200,
                'Changes, RO line',
            ),
            SurveySpec::number('drain_distance_m', 'space', 'Drain, distance', Kind::Height, 0, 200, 'Changes'),
            SurveySpec::number('source_c', 'space', 'Tap water, coldest', Kind::Temperature, 0, 40, 'RO hours'),
            SurveySpec::number('source_tds', 'space', 'Tap water, TDS', Kind::Tds, 0, 2000, 'RO resin'),
            SurveySpec::ofPlan('source_kpa', 'space', F::RoFeedKpa, 'RO days', 'Tap water, pressure while it runs'),
            SurveySpec::number('outlets', 'space', 'Free power outlets', Kind::Count, 0, 60, 'Power, critical pairs'),
            SurveySpec::words(
                'circuits',
                'space',
                'Circuits, amps, residual-current protection',
                'Power load; an electrician confirms',
            ),
            SurveySpec::words('wall', 'space', 'Wall behind, kind and thickness', 'Fixings, holes'),
            SurveySpec::words('ceiling', 'space', 'Ceiling and fixing points', 'Hanging lights'),
            SurveySpec::words('network', 'space', 'Network and signal', 'Alarms'),
        ];
    }
}
