<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Passage;
use App\Clients\Room;
use App\House\TableRows;
use App\Systems\HouseLimit;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\SurveySheet;
use Velbrin\Core\Measure\Basis;

/** The reader between a plan's record and the core: the draft, and beneath it what the survey of its room and site says. */
final class PlanReader
{
    /** @return non-empty-array<string, array<array-key, mixed>> values, bases, and every table */
    public static function raw(Plan $plan): array
    {
        $draft = $plan->draft;
        $bases = [];
        foreach (is_array($draft['bases'] ?? null) ? $draft['bases'] : [] as $field => $basis) {
            $bases[(string) $field] =
                is_array($basis) && is_string($basis['basis'] ?? null) ? $basis['basis'] : Basis::Assumed->value;
        }
        $survey = self::survey($plan->room);

        return [
            'values' => self::values($draft, $survey['values']),
            'bases' => $bases + $survey['bases'],
            'house' => HouseLimit::here(),
            ...self::tables($plan, $draft),
            'passages' => array_values(
                ($plan->site->passages ?? collect())
                    ->map(
                        fn (Passage $p): array => [
                            'id' => "passage-{$p->id}",
                            'name' => $p->name,
                            'widthMm' => $p->width_mm,
                            'heightMm' => $p->height_mm,
                            'corridorAMm' => $p->corridor_a_mm,
                            'corridorBMm' => $p->corridor_b_mm,
                            'outWidthMm' => $p->out_width_mm,
                            'outHeightMm' => $p->out_height_mm,
                            'carDepthMm' => $p->car_depth_mm,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * What was typed, and beneath it what the survey says.
     *
     * @param  array<array-key, mixed>  $draft
     * @param  array<string, float|string>  $surveyed
     * @return array<array-key, mixed>
     */
    public static function values(array $draft, array $surveyed): array
    {
        $values = is_array($draft['values'] ?? null) ? $draft['values'] : [];

        return array_filter($values, fn (mixed $v): bool => $v !== null && $v !== '') + $surveyed;
    }

    /**
     * As typed; a further vessel in a surveyed room of the place takes that room's climate where none is typed (B-88).
     *
     * @param  array<array-key, mixed>  $draft
     * @return array<string, list<array<string, float|string|bool|null>>>
     */
    private static function tables(Plan $plan, array $draft): array
    {
        $tables = TableRows::of($draft);
        $elsewhere = array_filter(array_column($tables['vessels'], 'room'));
        if ($elsewhere === []) {
            return $tables;
        }
        $rooms = Room::query()
            ->current()
            ->where('site_id', $plan->site_id)
            ->whereIn('name', $elsewhere)
            ->get()
            ->keyBy('name');
        $tables['vessels'] = array_map(function (array $row) use ($rooms): array {
            $room = $rooms->get(is_string($row['room'] ?? null) ? $row['room'] : '');

            return [
                ...$row,
                'winterC' => $row['winterC'] ?? $room?->winter_night_c,
                'summerC' => $row['summerC'] ?? $room?->summer_day_c,
            ];
        }, $tables['vessels']);

        return $tables;
    }

    public static function read(Plan $plan): PlanBrief
    {
        return PlanBrief::read(self::raw($plan));
    }

    /**
     * The room's surveyed facts under their plan names.
     *
     * @return array{values: array<string, float|string>, bases: array<string, string>}
     */
    public static function survey(?Room $room): array
    {
        $values = $bases = [];
        if ($room === null) {
            return ['values' => [], 'bases' => []];
        }
        $stated = $room->bases;
        foreach (SurveySheet::fields() as $key => $spec) {
            $value = $room->getAttribute($key);
            if ($spec->plan === null || $value === null) {
                continue;
            }
            $values[$spec->plan->value] =
                $spec->kind !== null && is_numeric($value) ? (float) $value : (is_string($value) ? $value : '');
            $stored = $stated[$key]['basis'] ?? null;
            $bases[$spec->plan->value] = is_string($stored) ? $stored : Basis::Assumed->value;
        }

        return ['values' => $values, 'bases' => $bases];
    }
}
