<?php

declare(strict_types=1);

namespace App\Demo;

use Velbrin\Core\Build\Hole;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanBrief;

/** Builds the town’s tanks are made of: plan facts in the core’s units. */
final class Builds
{
    /** What is measured round a planned build for hands and arms, and for its board. */
    private const ROOM = [
        'upperHarmC' => 30.0,
        'gapBehindMm' => 180.0,
        'boxBehindMm' => 'none',
        'elbowMm' => 70.0,
        'rockToPaneMm' => 60.0,
        'rockBase' => 'base',
        'toolMm' => 450.0,
        'standingMm' => 200.0,
        'boardWidthMm' => 900.0,
        'boardHeightMm' => 600.0,
        'outletsFree' => 12.0,
        'portsFree' => 16.0,
    ];

    private const COMMON = [
        'shape' => 'rectangular',
        'material' => 'glass',
        'top' => 'open',
        'weirGapsMm' => 'none',
        'mixGramsPerL' => 38.5,
        'lightSharePct' => 45,
        'equipmentKg' => 30,
        'standInsideMm' => 720,
        'ceilingMm' => 2500,
        'lampAboveRimMm' => 200,
        'lampHeightMm' => 220,
        'sumpWallMm' => 8,
        'sumpFloorMm' => 8,
        'sumpBaseMm' => 20,
        'sumpBelowMm' => 0,
        'baffleMm' => 6,
        'pumpMinLevelMm' => 100,
        'wallOpening' => 'no',
        'balcony' => 'no',
        'salinity' => 35.0,
        'setpointC' => 25.5,
        'drains' => 'siphon-emergency',
        'drainSumK' => 1.8,
        'returnSumK' => 5.5,
        'breakBelowRimMm' => 62.0,
        'outletBelowRimMm' => 75.0,
        'weirBelowRimMm' => 60.0,
        'emergencyBelowRimMm' => 54.0,
        'floorType' => 'slab',
        'storey' => 0.0,
        'joists' => 'none',
        'allowanceKpa' => 25.0,
        'winterC' => 18.0,
        'summerC' => 27.0,
        'humidityPct' => 50.0,
        'trapGapMm' => 60.0,
        'guard' => 'mesh',
        'livestock' => 'mixed',
        'grainMm' => 1.5,
        'residual' => 'yes',
        'circuits' => 2.0,
        'otherW' => 25.0,
        'lampsKg' => 12.0,
        'fixings' => 2.0,
        'breakingKg' => 80.0,
        'weirForm' => 'edge',
        'weirTiltMmM' => 0.0,
        'topoffFed' => 'reservoir',
        'standState' => 'new',
        'sheaves' => 'none',
        'mainsV' => 230.0,
        'circuitA' => 16.0,
        'stripA' => 10.0,
        'lightHours' => 10.0,
        'lightRampH' => 1.5,
        'lightTopPct' => 100.0,
        'attenuationPerM' => 0.25,
        'shoulderMm' => 1400.0,
        'armMm' => 700.0,
        'handMm' => 90.0,
    ];

    private const SIZES = [
        'standard' => [
            'lengthMm' => 1200,
            'widthMm' => 600,
            'heightMm' => 550,
            'wallMm' => 12,
            'floorMm' => 12,
            'bracing' => 'braced',
            'labelL' => 390,
            'rockKg' => 42,
            'sandDepthMm' => 30,
            'flowLh' => 3000,
            'streamLh' => 9000,
            'pumpMaxHeadM' => 4.5,
            'pumpMaxFlowLh' => 6600,
            'weirLengthMm' => 400,
            'drainBoreMm' => 34,
            'drainLengthM' => 1.1,
            'emergencyBoreMm' => 44,
            'returnBoreMm' => 27,
            'returnLengthM' => 2.3,
            'pipesL' => 5,
            'sumpLengthMm' => 900,
            'sumpWidthMm' => 450,
            'sumpHeightMm' => 430,
            'returnLevelMm' => 200,
            'reservoirL' => 12,
            'standHeightMm' => 850,
            'pumpsW' => 55,
            'lightsW' => 140,
            'standKg' => 70,
        ],
        'long' => [
            'lengthMm' => 1800,
            'widthMm' => 650,
            'heightMm' => 600,
            'wallMm' => 15,
            'floorMm' => 15,
            'bracing' => 'braced',
            'labelL' => 700,
            'rockKg' => 85,
            'sandDepthMm' => 35,
            'flowLh' => 4600,
            'streamLh' => 13800,
            'pumpMaxHeadM' => 6.5,
            'pumpMaxFlowLh' => 10120,
            'weirLengthMm' => 520,
            'drainBoreMm' => 42,
            'drainLengthM' => 1.2,
            'emergencyBoreMm' => 55,
            'returnBoreMm' => 34,
            'returnLengthM' => 2.6,
            'pipesL' => 8,
            'sumpLengthMm' => 1300,
            'sumpWidthMm' => 500,
            'sumpHeightMm' => 450,
            'returnLevelMm' => 210,
            'reservoirL' => 15,
            'standHeightMm' => 850,
            'pumpsW' => 110,
            'lightsW' => 320,
            'standKg' => 120,
        ],
        'grand' => [
            'lengthMm' => 2400,
            'widthMm' => 800,
            'heightMm' => 700,
            'wallMm' => 19,
            'floorMm' => 19,
            'bracing' => 'braced',
            'labelL' => 1340,
            'rockKg' => 150,
            'sandDepthMm' => 40,
            'flowLh' => 7200,
            'streamLh' => 21600,
            'pumpMaxHeadM' => 6.5,
            'pumpMaxFlowLh' => 15840,
            'weirLengthMm' => 800,
            'drainBoreMm' => 55,
            'drainLengthM' => 1.4,
            'emergencyBoreMm' => 68,
            'returnBoreMm' => 43,
            'returnLengthM' => 3.2,
            'pipesL' => 14,
            'sumpLengthMm' => 1700,
            'sumpWidthMm' => 600,
            'sumpHeightMm' => 480,
            'returnLevelMm' => 220,
            'reservoirL' => 17,
            'standHeightMm' => 900,
            'pumpsW' => 150,
            'lightsW' => 420,
            'standKg' => 220,
        ],
        'cube' => [
            'lengthMm' => 600,
            'widthMm' => 600,
            'heightMm' => 550,
            'wallMm' => 10,
            'floorMm' => 10,
            'bracing' => 'rimless',
            'labelL' => 190,
            'rockKg' => 20,
            'sandDepthMm' => 25,
            'flowLh' => 1500,
            'streamLh' => 4500,
            'pumpMaxHeadM' => 4.5,
            'pumpMaxFlowLh' => 3300,
            'weirLengthMm' => 260,
            'drainBoreMm' => 27,
            'drainLengthM' => 1.0,
            'emergencyBoreMm' => 34,
            'returnBoreMm' => 21,
            'returnLengthM' => 2.1,
            'pipesL' => 3,
            'sumpLengthMm' => 540,
            'sumpWidthMm' => 380,
            'sumpHeightMm' => 400,
            'returnLevelMm' => 190,
            'reservoirL' => 6,
            'standHeightMm' => 850,
            'pumpsW' => 32,
            'lightsW' => 80,
            'standKg' => 40,
        ],
        'frag' => [
            'lengthMm' => 1200,
            'widthMm' => 700,
            'heightMm' => 380,
            'wallMm' => 10,
            'floorMm' => 10,
            'bracing' => 'braced',
            'labelL' => 300,
            'rockKg' => 8,
            'sandDepthMm' => 0,
            'flowLh' => 2600,
            'streamLh' => 7800,
            'pumpMaxHeadM' => 4.5,
            'pumpMaxFlowLh' => 5720,
            'weirLengthMm' => 380,
            'drainBoreMm' => 34,
            'drainLengthM' => 1.0,
            'emergencyBoreMm' => 44,
            'returnBoreMm' => 27,
            'returnLengthM' => 2.0,
            'pipesL' => 4,
            'sumpLengthMm' => 900,
            'sumpWidthMm' => 450,
            'sumpHeightMm' => 430,
            'returnLevelMm' => 200,
            'reservoirL' => 12,
            'standHeightMm' => 900,
            'pumpsW' => 60,
            'lightsW' => 240,
            'standKg' => 60,
        ],
        'column' => [
            'shape' => 'cylinder',
            'diameterMm' => 1000,
            'heightMm' => 1100,
            'wallMm' => 15,
            'floorMm' => 20,
            'material' => 'acrylic',
            'bracing' => 'rimless',
            'labelL' => 800,
            'rockKg' => 60,
            'sandDepthMm' => 40,
            'flowLh' => 3600,
            'streamLh' => 10800,
            'pumpMaxHeadM' => 4.5,
            'pumpMaxFlowLh' => 7920,
            'weirLengthMm' => 420,
            'drainBoreMm' => 42,
            'drainLengthM' => 1.4,
            'emergencyBoreMm' => 55,
            'returnBoreMm' => 34,
            'returnLengthM' => 2.9,
            'pipesL' => 7,
            'sumpLengthMm' => 1000,
            'sumpWidthMm' => 520,
            'sumpHeightMm' => 450,
            'returnLevelMm' => 205,
            'reservoirL' => 5,
            'standHeightMm' => 800,
            'pumpsW' => 45,
            'lightsW' => 60,
            'standKg' => 110,
            'top' => 'closed',
        ],
        'corner' => [
            'shape' => 'quarter-cylinder',
            'widthMm' => 950,
            'heightMm' => 600,
            'wallMm' => 12,
            'floorMm' => 12,
            'bracing' => 'braced',
            'labelL' => 400,
            'rockKg' => 38,
            'sandDepthMm' => 30,
            'flowLh' => 2800,
            'streamLh' => 8400,
            'pumpMaxHeadM' => 4.5,
            'pumpMaxFlowLh' => 6160,
            'weirLengthMm' => 360,
            'drainBoreMm' => 34,
            'drainLengthM' => 1.1,
            'emergencyBoreMm' => 44,
            'returnBoreMm' => 27,
            'returnLengthM' => 2.3,
            'pipesL' => 5,
            'sumpLengthMm' => 800,
            'sumpWidthMm' => 420,
            'sumpHeightMm' => 430,
            'returnLevelMm' => 200,
            'reservoirL' => 10,
            'standHeightMm' => 850,
            'pumpsW' => 50,
            'lightsW' => 130,
            'standKg' => 65,
        ],
        'bare' => [
            'lengthMm' => 800,
            'widthMm' => 400,
            'heightMm' => 450,
            'wallMm' => 8,
            'floorMm' => 8,
            'bracing' => 'braced',
            'labelL' => 130,
            'rockKg' => 0,
            'sandDepthMm' => 0,
            'waterGapMm' => 45,
            'standHeightMm' => 800,
            'pumpsW' => 12,
            'lightsW' => 20,
            'standKg' => 30,
            'top' => 'closed',
        ],
    ];

    private const PLUMBING = [
        'pumpMaxHeadM',
        'pumpMaxFlowLh',
        'flowLh',
        'drains',
        'drainSumK',
        'returnSumK',
        'breakBelowRimMm',
        'outletBelowRimMm',
        'weirBelowRimMm',
        'emergencyBelowRimMm',
        'trapGapMm',
        'weirForm',
        'weirTiltMmM',
        'topoffFed',
        'weirGapsMm',
        'sumpWallMm',
        'sumpFloorMm',
        'sumpBaseMm',
        'sumpBelowMm',
        'baffleMm',
        'pumpMinLevelMm',
    ];

    /** @return array<string, float|string> */
    public static function facts(string $build): array
    {
        $facts = [...self::COMMON, ...self::SIZES[$build]];
        if ($build === 'bare') {
            $facts = array_diff_key($facts, array_flip(self::PLUMBING));
        }

        return array_map(fn (int|float|string $v): float|string => is_string($v) ? $v : (float) $v, $facts);
    }

    /**
     * A lamp for each two thirds of a metre, over the middle.
     *
     * @return list<array{name: string, xMm: float, yMm: float, aboveRimMm: null, ppf: float, halfAngleDeg: float}>
     */
    public static function lamps(string $build): array
    {
        $facts = self::facts($build);
        $length =
            (float) ($facts['lengthMm'] ?? ($facts['diameterMm'] ?? $facts['widthMm'])) - 2 * (float) $facts['wallMm'];
        $width = (float) ($facts['widthMm'] ?? ($facts['diameterMm'] ?? 0)) - 2 * (float) $facts['wallMm'];
        $count = max(1, (int) round($length / 650));

        return array_map(
            fn (int $n): array => [
                'name' => 'Lamp '.($n + 1),
                'xMm' => round((($n + 0.5) * $length) / $count),
                'yMm' => round($width / 2),
                'aboveRimMm' => null,
                'ppf' => 230.0,
                'halfAngleDeg' => 50.0,
            ],
            range(0, $count - 1),
        );
    }

    /**
     * @return list<array{name: string, lengthMm: float, widthMm: float, heightMm: float, wallMm: float, waterMm: float,
     *     bottomMm: float, downMm: float, ownPump: bool}>
     */
    public static function vessels(string $build): array
    {
        return $build !== 'long'
            ? []
            : [
                [
                    'name' => 'frag tank',
                    'lengthMm' => 900.0,
                    'widthMm' => 450.0,
                    'heightMm' => 350.0,
                    'wallMm' => 8.0,
                    'waterMm' => 270.0,
                    'bottomMm' => 900.0,
                    'downMm' => 14.0,
                    'ownPump' => true,
                ],
                [
                    'name' => 'refugium',
                    'lengthMm' => 600.0,
                    'widthMm' => 400.0,
                    'heightMm' => 400.0,
                    'wallMm' => 8.0,
                    'waterMm' => 300.0,
                    'bottomMm' => 1100.0,
                    'downMm' => 10.0,
                    'ownPump' => false,
                ],
            ];
    }

    /**
     * The room under a rectangular tank and its opening.
     *
     * @return array<string, float|string>
     */
    public static function cabinet(string $build): array
    {
        $facts = self::facts($build);
        if ($facts['shape'] !== 'rectangular' || ! isset($facts['sumpLengthMm'])) {
            return [];
        }
        $length = (float) $facts['lengthMm'] - 80;

        return [
            'toughened' => 'none',
            'cabinetLengthMm' => $length,
            'cabinetDepthMm' => (float) $facts['widthMm'] - 60,
            'doorWidthMm' => $length - 60,
            'doorFromLeftMm' => 30.0,
            'doorHeightMm' => 660.0,
            ...self::ROOM,
        ];
    }

    /** @return list<array{name: string, widthMm: float, depthMm: float, heightMm: float, liftMm: float, needsAir: bool}> */
    public static function gear(string $build): array
    {
        $thing = fn (
            string $name,
            float $wide,
            float $deep,
            float $high,
            float $lift = 0.0,
            bool $air = false,
        ): array => [
            'name' => $name,
            'widthMm' => $wide,
            'depthMm' => $deep,
            'heightMm' => $high,
            'liftMm' => $lift,
            'needsAir' => $air,
        ];

        return match ($build) {
            'standard' => [$thing('Reservoir', 180, 300, 400, 150), $thing('Dosing pumps', 180, 150, 220)],
            'long' => [
                $thing('Reservoir', 180, 420, 420, 150),
                $thing('Dosing pumps', 200, 150, 220),
                $thing('Dosing vessels', 200, 250, 260, 120),
            ],
            'grand' => [
                $thing('Reservoir', 250, 500, 420, 150),
                $thing('Dosing pumps', 220, 160, 220),
                $thing('Dosing vessels', 300, 250, 260, 120),
            ],
            default => [],
        };
    }

    /**
     * What the house gives a build of that kind besides: outlets, draws, joints, board, cable ways.
     *
     * @return array<string, list<array<string, float|string|bool>>>
     */
    public static function fittings(string $build): array
    {
        if (! in_array($build, ['standard', 'long', 'grand'], true)) {
            return [];
        }
        $joint = fn (string $name, string $kind, bool $hidden = false): array => [
            'name' => $name,
            'kind' => $kind,
            'hidden' => $hidden,
        ];
        $device = fn (string $name, string $kind, float $wide, float $high): array => [
            'name' => $name,
            'kind' => $kind,
            'widthMm' => $wide,
            'heightMm' => $high,
        ];

        $plug = fn (string $name, string $kind, float $watts, int $circuit, int $strip): array => [
            'name' => $name,
            'kind' => $kind,
            'watts' => $watts,
            'circuit' => (float) $circuit,
            'strip' => (float) $strip,
            'dry' => true,
        ];
        $facts = self::facts($build);
        [$pumps, $lights, $stream] = [(float) $facts['pumpsW'], (float) $facts['lightsW'], (float) $facts['streamLh']];

        return [
            // Heating and movement on both circuits: no trip takes all of either.
            'loads' => [
                $plug('heater 1', 'heater', 300, 1, 1),
                $plug('return pump', 'return', round($pumps * 0.5), 1, 1),
                $plug('skimmer', 'skimmer', 20, 1, 2),
                $plug('lamps', 'light', $lights, 1, 2),
                $plug('heater 2', 'heater', 300, 2, 3),
                $plug('stream, left', 'stream', round($pumps * 0.25), 2, 3),
                $plug('stream, right', 'stream', round($pumps * 0.25), 2, 4),
                $plug('controller', 'controller', 8, 2, 4),
                $plug('top-off', 'top-off', 6, 2, 4),
            ],
            'streams' => [
                ['name' => 'left', 'flowLh' => $stream / 2, 'end' => 'left', 'aim' => 'surface', 'motor' => 'none'],
                ['name' => 'right', 'flowLh' => $stream / 2, 'end' => 'right', 'aim' => 'bottom', 'motor' => 'none'],
            ],
            'outlets' => [
                ['name' => 'left', 'boreMm' => 27.0, 'lengthM' => 0.3, 'sumK' => 0.6],
                ['name' => 'right', 'boreMm' => 27.0, 'lengthM' => 0.8, 'sumK' => 1.1],
            ],
            'draws' => [['name' => 'carbon reactor', 'flowLh' => 250.0]],
            'joints' => [
                $joint('pump', 'union'),
                $joint('return bulkhead', 'bulkhead'),
                $joint('main drain bulkhead', 'bulkhead'),
                $joint('emergency bulkhead', 'bulkhead'),
                $joint('drain valve', 'union'),
                $joint('elbow behind the stand', 'glued', true),
            ],
            'board' => [
                $device('strip', 'strip', 480, 60),
                $device('controller', 'controller', 160, 130),
                $device('return driver', 'driver', 120, 80),
                $device('stream driver', 'driver', 120, 80),
                $device('dosing pumps', 'doser', 260, 150),
                $device('leak hub', 'other', 110, 80),
            ],
            'ways' => [
                [
                    'name' => 'tank to cabinet',
                    'holeMm' => 60.0,
                    'plugMm' => 42.0,
                    'cables' => 9.0,
                    'cableMm' => 8.0,
                    'runMm' => 1100.0,
                    'leadMm' => 1800.0,
                    'bushed' => true,
                ],
                [
                    'name' => 'cabinet to board',
                    'holeMm' => 50.0,
                    'plugMm' => 42.0,
                    'cables' => 6.0,
                    'cableMm' => 8.0,
                    'runMm' => 900.0,
                    'leadMm' => 1500.0,
                    'bushed' => true,
                ],
            ],
        ];
    }

    /**
     * A hole for each drain, where the house would begin.
     *
     * @param  array<string, float|string>  $values
     * @return list<array{name: string, pane: string, xMm: float, yMm: float, diameterMm: float, serves: string}>
     */
    public static function holes(array $values): array
    {
        $proposed = CorePlan::answer(PlanBrief::read(['values' => $values]))->proposedHoles;

        return array_map(
            fn (Hole $h): array => [
                'name' => $h->name,
                'pane' => $h->pane->value,
                'xMm' => $h->xMm,
                'yMm' => $h->yMm,
                'diameterMm' => $h->diameterMm,
                'serves' => (string) $h->serves,
            ],
            $proposed,
        );
    }

    /** @return list<array{name: string, lengthMm: float|null, baffleMm: float|null}> */
    public static function chambers(string $build): array
    {
        if ($build === 'bare') {
            return [];
        }
        $length = (float) self::facts($build)['sumpLengthMm'];

        return [
            ['name' => 'Intake', 'lengthMm' => round($length * 0.2), 'baffleMm' => 255.0],
            ['name' => 'Skimmer', 'lengthMm' => round($length * 0.3), 'baffleMm' => 235.0],
            ['name' => 'Return', 'lengthMm' => null, 'baffleMm' => null],
        ];
    }
}
