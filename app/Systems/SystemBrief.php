<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Build\OnRecord;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Basis;

/** The reader between a system's record and the core: vessels and facts become one brief, and back. */
final class SystemBrief
{
    /** Facts that live on the display and on the sump; the rest is the system's. */
    private const DISPLAY_GROUPS = ['display'];

    private const DISPLAY = [PlanField::RockKg, PlanField::SandDepthMm, PlanField::WaterGapMm];

    private const SUMP = [
        PlanField::SumpLengthMm,
        PlanField::SumpWidthMm,
        PlanField::SumpHeightMm,
        PlanField::SumpCutLengthMm,
        PlanField::SumpCutDepthMm,
        PlanField::SumpCutAt,
        PlanField::SumpWallMm,
        PlanField::SumpFloorMm,
        PlanField::SumpBaseMm,
        PlanField::BaffleMm,
    ];

    /** Role of a further vessel; its facts are its own, not the system’s. */
    public const OTHER = 'other';

    public static function read(System $system): PlanBrief
    {
        $raw = self::raw($system);
        // What the animals of this regime bear, unless the record says otherwise.
        $raw['values'] += [PlanField::UpperHarmC->value => $system->regime->harmC()[1]];
        $raw['bases'] += [PlanField::UpperHarmC->value => Basis::Computed->value];

        return PlanBrief::read($raw);
    }

    /**
     * With one vessel more.
     *
     * @param  array<string, mixed>  $row  as the brief names it
     */
    public static function with(System $system, array $row): PlanBrief
    {
        $raw = self::raw($system);
        $raw['vessels'][] = $row;

        return PlanBrief::read($raw);
    }

    /**
     * The system as it stands and runs: its register, its measured volume, its answer to having no heater (R-49, R-50).
     *
     * @param  list<int>|null  $off  ids of devices that are switched off; null: asked for
     */
    public static function running(System $system, ?array $off = null): PlanBrief
    {
        $system->loadMissing(['vessels', 'items']);
        $register = Register::of($system, $off ?? app(OffDevices::class)->ids([$system->id]));

        return self::read($system)->onRecord(
            new OnRecord(
                $register->heaters(),
                $register->heatersWithoutWatts(),
                $system->measured_volume_l,
                $system->noHeater(),
            ),
        );
    }

    /**
     * @return array{values: array<string, mixed>, bases: array<string, string>, chambers: list<array<string, mixed>>,
     *     vessels: list<array<string, mixed>>, ...<string, mixed>}
     */
    public static function raw(System $system): array
    {
        $values = $system->facts;
        $bases = $system->bases;
        $others = [];
        foreach ($system->vessels as $vessel) {
            if ($vessel->role === self::OTHER) {
                $others[] = ['name' => $vessel->name, ...$vessel->facts];

                continue;
            }
            $values += $vessel->facts;
            $bases += $vessel->bases;
        }

        return [
            'values' => $values,
            'bases' => array_map(
                fn (mixed $b): string => is_array($b) ? (string) ($b['basis'] ?? 'assumed') : (string) $b,
                $bases,
            ),
            'chambers' => array_values($system->chambers),
            'vessels' => $others,
            'house' => HouseLimit::here(),
        ] + array_diff_key($system->tables ?? [], ['values' => 0, 'bases' => 0]);
    }

    /**
     * Which part of the record a fact belongs to.
     *
     * @param  array<string, mixed>  $byField
     * @return array{display: array<string, mixed>, sump: array<string, mixed>, system: array<string, mixed>}
     */
    public static function split(array $byField): array
    {
        $parts = ['display' => [], 'sump' => [], 'system' => []];
        foreach (PlanSheet::fields() as $key => $spec) {
            if (! array_key_exists($key, $byField)) {
                continue;
            }
            $part = match (true) {
                in_array($spec->group, self::DISPLAY_GROUPS, true),
                in_array($spec->field, self::DISPLAY, true) => 'display',
                in_array($spec->field, self::SUMP, true) => 'sump',
                default => 'system',
            };
            $parts[$part][$key] = $byField[$key];
        }

        return $parts;
    }
}
