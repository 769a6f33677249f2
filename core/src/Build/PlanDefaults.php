<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Water\Mix;

/** Starting values for what nobody has said yet. Shown as defaults, counted as assumed. */
final class PlanDefaults
{
    /** Glass usually met at that height, mm → mm. A guess for volumes and mass, never for the panel check. */
    private const WALL_BY_HEIGHT = [400 => 8.0, 500 => 10.0, 600 => 12.0, 700 => 15.0, 3000 => 19.0];

    private const ROCK_KG_L = 0.1;

    private const STAND_KG_M2 = 90.0;

    private const FIXED = [
        'shape' => 'rectangular',
        'material' => 'glass',
        'bracing' => 'unknown',
        'toughened' => 'unknown',
        'origin' => 'new',
        'copper' => 'unknown',
        'inhabitants' => 'none',
        'top' => 'open',
        'waterGapMm' => 40.0,
        'sandDepthMm' => 30.0,
        'salinity' => Seawater::USUAL_SALINITY,
        'setpointC' => 25.5,
        'mixGramsPerL' => Mix::USUAL_G_PER_L,
        'weirForm' => 'edge',
        'weirGapsMm' => PlanBrief::NONE,
        'weirTiltMmM' => 0.0,
        'strainer' => 'no',
        'drainSumK' => 2.0,
        'drainCount' => 1.0,
        'returnSumK' => 5.0,
        'returns' => 'one',
        'nonReturn' => 'no',
        'pipesL' => 4.0,
        'sumpCutAt' => 'front-right',
        'sumpWallMm' => 8.0,
        'sumpFloorMm' => 8.0,
        'sumpBaseMm' => 20.0,
        'sumpBelowMm' => 0.0,
        'baffleMm' => 6.0,
        'pumpMinLevelMm' => 100.0,
        'lightSharePct' => 45.0,
        'humidityPct' => 50.0,
        'upperHarmC' => 30.0,
        'measuredUaWK' => PlanBrief::NONE,
        'standHeightMm' => 800.0,
        'equipmentKg' => 30.0,
        'floorType' => 'unknown',
        'trapGapMm' => PlanBrief::NONE,
        'topoffFed' => 'reservoir',
        'roFeedC' => 12.0,
        'attenuationPerM' => 0.25,
        'lightHours' => 10.0,
        'lightRampH' => 1.5,
        'lightTopPct' => 100.0,
        'equalised' => 'no',
        'handMm' => 90.0,
        'standingMm' => 0.0,
        'shoulderMm' => 1400.0,
        'armMm' => 700.0,
        'toolMm' => 0.0,
        'livestock' => 'mixed',
        'cablesPerSheave' => 1.0,
        'cabinetTolMm' => 5.0,
        'otherW' => 20.0,
        'mainsV' => 230.0,
        'circuitA' => 16.0,
        'circuits' => 1.0,
        'stripA' => 10.0,
        'props' => 'unknown',
        'hiddenCables' => 'unknown',
        'reservoirIn' => 'own',
        'roRatedKpa' => 350.0,
        'airChangesH' => 0.5,
        'changePct' => 20.0,
        'wastePerL' => 3.0,
        'visitsMonth' => 2.0,
        'careMin' => 45.0,
    ];

    /**
     * Nothing anybody could say instead is worse than these, or they are the plan’s own choice and not a fact of the place: they
     * cannot carry a finding to Fine (B-94).
     */
    private const UNFAVOURABLE = [
        F::DrainCount,
        F::CabinetTolMm,
        F::Toughened,
        F::Copper,
        F::FloorType,
        F::Equalised,
        F::NonReturn,
        F::Strainer,
        F::Props,
        F::HiddenCables,
        F::FromSupportMm,
        F::Salinity,
        F::SetpointC,
        F::Livestock,
    ];

    /** Whether the default of this fact cannot flatter. */
    public static function isUnfavourable(F $field): bool
    {
        return in_array($field, self::UNFAVOURABLE, true);
    }

    /** @return array<string, float|string> */
    public static function for(PlanBrief $brief): array
    {
        $defaults = self::FIXED;
        $height = self::number($brief, F::HeightMm);
        if ($height !== null) {
            foreach (self::WALL_BY_HEIGHT as $upTo => $wall) {
                if ($height <= $upTo) {
                    $defaults['wallMm'] = $wall;
                    break;
                }
            }
        }
        $wall = self::number($brief, F::WallMm) ?? ($defaults['wallMm'] ?? null);
        if ($wall !== null) {
            $defaults['floorMm'] = $wall;
        }
        $area = self::boxAreaM2($brief, $defaults['shape']);
        if ($area !== null) {
            $defaults['standKg'] = round(self::STAND_KG_M2 * $area);
            if ($height !== null) {
                $defaults['rockKg'] = round(self::ROCK_KG_L * $area * $height);
            }
        }
        $stand = (self::number($brief, F::StandHeightMm) ?? 800.0) + (self::number($brief, F::SumpBelowMm) ?? 0.0);
        if ($height !== null) {
            $defaults['returnLengthM'] = round(($stand + $height) / 1000 + 0.6, 1);
        }
        $defaults['drainLengthM'] = round(max(0.3, $stand / 1000 + 0.2), 1);
        $span = self::number($brief, F::SpanMm);
        if ($span !== null) {
            $defaults['fromSupportMm'] = $span / 2;
        }

        return $defaults;
    }

    private static function number(PlanBrief $brief, F $field): ?float
    {
        $value = $brief->values[$field->value] ?? null;

        return is_float($value) ? $value : null;
    }

    private static function boxAreaM2(PlanBrief $brief, string $defaultShape): ?float
    {
        $shape = $brief->values[F::Shape->value] ?? $defaultShape;
        $length = self::number(
            $brief,
            match ($shape) {
                'cylinder', 'half-cylinder' => F::DiameterMm,
                'quarter-cylinder' => F::WidthMm,
                default => F::LengthMm,
            },
        );
        $width = match ($shape) {
            'cylinder', 'quarter-cylinder' => $length,
            'half-cylinder' => $length === null ? null : $length / 2,
            default => self::number($brief, F::WidthMm),
        };

        return $length === null || $width === null ? null : ($length * $width) / 1e6;
    }
}
