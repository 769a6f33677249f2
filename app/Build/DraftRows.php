<?php

declare(strict_types=1);

namespace App\Build;

use Velbrin\Core\Build\PlanBrief;

/** The tables of a draft, kept as typed: known columns only, in sizes that can be kept, right or wrong. */
final class DraftRows
{
    /** @var array<string, array{most: int, numbers: list<string>, words: list<string>, flags: list<string>}> */
    private const TABLES = [
        'chambers' => ['most' => PlanBrief::MOST_CHAMBERS, 'numbers' => ['lengthMm', 'baffleMm'], 'words' => [], 'flags' => []],
        'vessels' => ['most' => PlanBrief::MOST_VESSELS, 'numbers' => ['lengthMm', 'widthMm', 'heightMm', 'wallMm', 'waterMm', 'bottomMm', 'downMm'], 'words' => [], 'flags' => ['ownPump']],
        'lamps' => ['most' => PlanBrief::MOST_LAMPS, 'numbers' => ['xMm', 'yMm', 'aboveRimMm', 'ppf', 'halfAngleDeg'], 'words' => [], 'flags' => []],
        'points' => ['most' => PlanBrief::MOST_POINTS, 'numbers' => ['xMm', 'yMm', 'depthMm', 'par'], 'words' => [], 'flags' => []],
        'holes' => ['most' => PlanBrief::MOST_HOLES, 'numbers' => ['xMm', 'yMm', 'diameterMm'], 'words' => ['pane'], 'flags' => []],
        'gear' => ['most' => PlanBrief::MOST_GEAR, 'numbers' => ['widthMm', 'depthMm', 'heightMm', 'liftMm'], 'words' => [], 'flags' => ['needsAir']],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::TABLES);
    }

    /**
     * @param  array<array-key, mixed>  $typed  the draft as sent or stored
     * @return array{chambers: list<array<string, mixed>>, vessels: list<array<string, mixed>>, lamps: list<array<string, mixed>>, points: list<array<string, mixed>>, holes: list<array<string, mixed>>, gear: list<array<string, mixed>>}
     */
    public static function of(array $typed): array
    {
        return ['chambers' => self::table('chambers', $typed), 'vessels' => self::table('vessels', $typed), 'lamps' => self::table('lamps', $typed), 'points' => self::table('points', $typed), 'holes' => self::table('holes', $typed), 'gear' => self::table('gear', $typed)];
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @return list<array<string, mixed>>
     */
    private static function table(string $table, array $typed): array
    {
        $spec = self::TABLES[$table];
        $rows = [];
        foreach (array_slice(array_values(is_array($typed[$table] ?? null) ? $typed[$table] : []), 0, $spec['most']) as $row) {
            $row = is_array($row) ? $row : [];
            $kept = ['name' => self::words($row['name'] ?? null)];
            foreach ($spec['numbers'] as $key) {
                $kept[$key] = is_int($row[$key] ?? null) || is_float($row[$key] ?? null) ? $row[$key] : null;
            }
            foreach ($spec['words'] as $key) {
                $kept[$key] = self::words($row[$key] ?? null);
            }
            foreach ($spec['flags'] as $key) {
                $kept[$key] = ($row[$key] ?? false) === true;
            }
            $rows[] = $kept;
        }

        return $rows;
    }

    private static function words(mixed $value): string
    {
        return is_string($value) ? mb_substr($value, 0, 60) : '';
    }
}
