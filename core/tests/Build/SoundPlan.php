<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanDefaults;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** A plan that every question can be asked of, changed fact by fact. */
final class SoundPlan
{
    /** A plan with nothing against it, and nothing left to a default that decides anything. */
    public const VALUES = [
        'shape' => 'rectangular',
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 550,
        'wallMm' => 12,
        'floorMm' => 12,
        'material' => 'glass',
        'bracing' => 'braced',
        'top' => 'open',
        'toughened' => 'none',
        'labelL' => 380,
        'guard' => 'mesh',
        'rockKg' => 40,
        'sandDepthMm' => 30,
        'grainMm' => 1.5,
        'streamLh' => 9000,
        'flowLh' => 3000,
        'weirForm' => 'edge',
        'weirBelowRimMm' => 60,
        'weirLengthMm' => 400,
        'weirGapsMm' => 'none',
        'weirTiltMmM' => 0,
        'drains' => 'siphon-emergency',
        'drainBoreMm' => 34,
        'drainLengthM' => 1.1,
        'drainSumK' => 1.6,
        'emergencyBoreMm' => 44,
        'emergencyBelowRimMm' => 52,
        'outletBelowRimMm' => 70,
        'breakBelowRimMm' => 62,
        'returnBoreMm' => 27,
        'returnLengthM' => 2.4,
        'returnSumK' => 5.5,
        'pipesL' => 5,
        'pumpMaxHeadM' => 4.5,
        'pumpMaxFlowLh' => 6600,
        'returns' => 'one',
        'sumpLengthMm' => 900,
        'sumpWidthMm' => 450,
        'sumpHeightMm' => 450,
        'sumpWallMm' => 8,
        'sumpFloorMm' => 8,
        'sumpBaseMm' => 20,
        'sumpBelowMm' => 0,
        'baffleMm' => 6,
        'returnLevelMm' => 200,
        'pumpMinLevelMm' => 100,
        'trapGapMm' => 60,
        'topoffFed' => 'reservoir',
        'reservoirL' => 10,
        'pumpsW' => 40,
        'lightsW' => 90,
        'lightSharePct' => 45,
        'winterC' => 18,
        'summerC' => 26,
        'humidityPct' => 50,
        'upperHarmC' => 30,
        'lightHours' => 10,
        'lightRampH' => 1.5,
        'lightTopPct' => 100,
        'attenuationPerM' => 0.25,
        'otherW' => 20,
        'mainsV' => 230,
        'circuitA' => 16,
        'stripA' => 10,
        'residual' => 'yes',
        'circuits' => 2,
        'lampsKg' => 12,
        'fixings' => 2,
        'breakingKg' => 60,
        'sheaves' => 'none',
        'standHeightMm' => 800,
        'standInsideMm' => 740,
        'standKg' => 65,
        'standState' => 'new',
        'equipmentKg' => 30,
        'ceilingMm' => 2500,
        'lampAboveRimMm' => 200,
        'lampHeightMm' => 200,
        'standingMm' => 0,
        'shoulderMm' => 1400,
        'armMm' => 700,
        'toolMm' => 0,
        'handMm' => 90,
        'floorType' => 'concrete',
        'storey' => 0,
        'spanMm' => 4000,
        'allowanceKpa' => 20,
        'outOfLevelMmM' => 1,
        'wallOpening' => 'no',
        'balcony' => 'no',
    ];

    public const LAMPS = [
        ['name' => 'Left', 'xMm' => 300, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 45],
        ['name' => 'Right', 'xMm' => 876, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 45],
    ];

    public const CHAMBERS = [
        ['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 250],
        ['name' => 'Skimmer', 'lengthMm' => 300, 'baffleMm' => 230],
        ['name' => 'Return'],
    ];

    public const DOOR = [['name' => 'Front door', 'widthMm' => 880, 'heightMm' => 2000]];

    /**
     * @param  array<string, mixed>  $values  instead of its own
     * @param  array<string, list<array<string, mixed>>>  $tables  instead of its own
     */
    public static function brief(array $values = [], array $tables = []): PlanBrief
    {
        return PlanBrief::read([
            'values' => [...self::VALUES, ...$values],
            'chambers' => self::CHAMBERS,
            'passages' => self::DOOR,
            'lamps' => self::LAMPS,
            ...$tables,
        ]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    public static function answer(array $values = [], array $tables = []): PlanAnswers
    {
        return Plan::answer(self::brief($values, $tables));
    }

    /**
     * The same facts with every default said to be right, so that what hangs on them is called Fine.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    public static function confirmed(array $values, array $tables = []): PlanBrief
    {
        $defaults = PlanDefaults::for(PlanBrief::read(['values' => $values]));
        $known = array_intersect_key($defaults, PlanSheet::fields());

        return PlanBrief::read(['values' => [...$known, ...$values], ...$tables]);
    }

    /** @return list<Finding> of these rules */
    public static function of(PlanAnswers $answers, string ...$rules): array
    {
        return array_values(array_filter($answers->findings, fn (Finding $f): bool => in_array($f->rule, $rules, true)));
    }

    /** @param  list<Finding>  $findings */
    public static function said(array $findings): string
    {
        return str_replace(
            "\u{a0}",
            ' ',
            implode(' | ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $findings)),
        );
    }
}
