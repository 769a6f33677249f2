<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** A plan that every question can be asked of, changed fact by fact. */
final class SoundPlan
{
    /** A plan with nothing against it. */
    public const VALUES = [
        'lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 550, 'wallMm' => 12, 'floorMm' => 12, 'bracing' => 'braced', 'labelL' => 380,
        'rockKg' => 40, 'sandDepthMm' => 30, 'flowLh' => 3000, 'weirBelowRimMm' => 60, 'weirLengthMm' => 400, 'drains' => 'siphon-emergency',
        'drainBoreMm' => 34, 'drainLengthM' => 1.1, 'drainSumK' => 1.6, 'emergencyBoreMm' => 44, 'emergencyBelowRimMm' => 52,
        'outletBelowRimMm' => 70, 'breakBelowRimMm' => 62, 'returnBoreMm' => 27, 'returnLengthM' => 2.4, 'returnSumK' => 5.5, 'pipesL' => 5,
        'sumpLengthMm' => 900, 'sumpWidthMm' => 450, 'sumpHeightMm' => 450, 'returnLevelMm' => 200, 'reservoirL' => 10, 'trapGapMm' => 60,
        'pumpsW' => 40, 'lightsW' => 90, 'winterC' => 18, 'summerC' => 26, 'floorType' => 'concrete', 'storey' => 0, 'spanMm' => 4000, 'allowanceKpa' => 20, 'outOfLevelMmM' => 1,
        'standInsideMm' => 740, 'ceilingMm' => 2500, 'lampAboveRimMm' => 200, 'lampHeightMm' => 200, 'lampsKg' => 12, 'fixings' => 2, 'breakingKg' => 60, 'pumpMaxHeadM' => 4.5, 'pumpMaxFlowLh' => 6600,
        'streamLh' => 9000, 'grainMm' => 1.5, 'residual' => 'yes', 'circuits' => 2, 'guard' => 'mesh',
    ];

    public const LAMPS = [['name' => 'Left', 'xMm' => 300, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 45], ['name' => 'Right', 'xMm' => 876, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 45]];

    public const CHAMBERS = [['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 250], ['name' => 'Skimmer', 'lengthMm' => 300, 'baffleMm' => 230], ['name' => 'Return']];

    public const DOOR = [['name' => 'Front door', 'widthMm' => 880, 'heightMm' => 2000]];

    /**
     * @param  array<string, mixed>  $values  instead of its own
     * @param  array<string, list<array<string, mixed>>>  $tables  instead of its own
     */
    public static function brief(array $values = [], array $tables = []): PlanBrief
    {
        return PlanBrief::read(['values' => [...self::VALUES, ...$values], 'chambers' => self::CHAMBERS, 'passages' => self::DOOR, 'lamps' => self::LAMPS, ...$tables]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    public static function answer(array $values = [], array $tables = []): PlanAnswers
    {
        return Plan::answer(self::brief($values, $tables));
    }

    /** @return list<Finding> of these rules */
    public static function of(PlanAnswers $answers, string ...$rules): array
    {
        return array_values(array_filter($answers->findings, fn (Finding $f): bool => in_array($f->rule, $rules, true)));
    }

    /** @param  list<Finding>  $findings */
    public static function said(array $findings): string
    {
        return str_replace("\u{a0}", ' ', implode(' | ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $findings)));
    }
}
