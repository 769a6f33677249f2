<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Handle;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;

/** What is taken hold of on the drawing stands where its fact puts it, whatever the fact is. */
final class HandlesTest extends TestCase
{
    private const VALUES = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 550,
        'wallMm' => 12,
        'floorMm' => 12,
        'bracing' => 'braced',
        'rockKg' => 40,
        'sandDepthMm' => 30,
        'flowLh' => 3000,
        'weirBelowRimMm' => 60,
        'weirLengthMm' => 400,
        'drains' => 'siphon-emergency',
        'drainBoreMm' => 34,
        'emergencyBoreMm' => 44,
        'emergencyBelowRimMm' => 52,
        'outletBelowRimMm' => 70,
        'breakBelowRimMm' => 62,
        'returnBoreMm' => 27,
        'sumpLengthMm' => 900,
        'sumpWidthMm' => 450,
        'sumpHeightMm' => 450,
        'returnLevelMm' => 200,
        'lightsW' => 90,
        'lampAboveRimMm' => 200,
    ];

    private const CHAMBERS = [
        ['name' => 'Intake', 'lengthMm' => 180, 'baffleMm' => 250],
        ['name' => 'Skimmer', 'lengthMm' => 300, 'baffleMm' => 230],
        ['name' => 'Return'],
    ];

    #[Test]
    public function a_fact_changed_by_ten_moves_its_handle_by_ten(): void
    {
        $handles = self::handles(self::VALUES, self::CHAMBERS);
        self::assertEqualsCanonicalizing(
            [
                'lengthMm',
                'heightMm',
                'sandDepthMm',
                'lampAboveRimMm',
                'weirBelowRimMm',
                'emergencyBelowRimMm',
                'outletBelowRimMm',
                'breakBelowRimMm',
                'returnLevelMm',
                'chambers.0.baffleMm',
                'chambers.1.baffleMm',
            ],
            array_keys($handles),
        );
        foreach ($handles as $field => $handle) {
            self::assertSame(
                $handle->valueMm,
                (float) (self::VALUES[$field] ?? (self::CHAMBERS[(int) explode('.', $field)[1]]['baffleMm'] ?? NAN)),
                $field,
            );
            [$values, $chambers] = [self::VALUES, self::CHAMBERS];
            if (isset($values[$field])) {
                $values[$field] += 10;
            } else {
                $chambers[(int) explode('.', $field)[1]]['baffleMm'] += 10;
            }
            $after = self::handles($values, $chambers)[$field];
            self::assertEqualsWithDelta(
                $handle->sign * 10.0,
                $after->{$handle->axis} - $handle->{$handle->axis},
                1e-6,
                $field,
            );
        }
    }

    #[Test]
    public function without_a_weir_the_water_line_itself_is_held(): void
    {
        $bare = array_diff_key(self::VALUES, ['weirBelowRimMm' => 0, 'weirLengthMm' => 0, 'breakBelowRimMm' => 0]);
        $handles = self::handles([...$bare, 'breakBelowRimMm' => 'none'], self::CHAMBERS);

        self::assertArrayHasKey('waterGapMm', $handles);
        self::assertArrayNotHasKey('breakBelowRimMm', $handles, 'none, on purpose, has no place');
    }

    #[Test]
    public function lamps_with_heights_of_their_own_are_held_one_by_one(): void
    {
        $lamps = [
            ['name' => 'Left', 'xMm' => 300, 'yMm' => 150, 'aboveRimMm' => 180, 'ppf' => 150, 'halfAngleDeg' => 45],
            [
                'name' => 'Left front',
                'xMm' => 300,
                'yMm' => 450,
                'aboveRimMm' => 240,
                'ppf' => 150,
                'halfAngleDeg' => 45,
            ],
            ['name' => 'Right', 'xMm' => 900, 'yMm' => 300, 'aboveRimMm' => null, 'ppf' => 150, 'halfAngleDeg' => 45],
        ];
        $handles = fn (array $rows): array => array_column(
            Plan::answer(PlanBrief::read(['values' => self::VALUES, 'chambers' => self::CHAMBERS, 'lamps' => $rows]))
                ->section->handles ?? [],
            null,
            'field',
        );
        $at = $handles($lamps);
        self::assertArrayNotHasKey('lampAboveRimMm', $at);
        self::assertSame(
            [180.0, 240.0, 200.0],
            array_map(fn (int $i): float => $at["lamps.{$i}.aboveRimMm"]->valueMm, [0, 1, 2]),
        );
        self::assertNotSame(
            $at['lamps.0.aboveRimMm']->x,
            $at['lamps.1.aboveRimMm']->x,
            'one behind the other, held side by side',
        );
        self::assertSame([1.0, 20000.0], [$at['lamps.0.aboveRimMm']->leastMm, $at['lamps.0.aboveRimMm']->mostMm], 'as far as the form');
        $lamps[0]['aboveRimMm'] = 190;
        self::assertEqualsWithDelta(
            -10.0,
            $handles($lamps)['lamps.0.aboveRimMm']->y - $at['lamps.0.aboveRimMm']->y,
            1e-6,
        );
        // All at one height: one grip for all.
        self::assertArrayHasKey(
            'lampAboveRimMm',
            $handles(array_map(fn (array $l): array => [...$l, 'aboveRimMm' => null], $lamps)),
        );
    }

    /**
     * @param  array<string, int|string>  $values
     * @param  list<array<string, mixed>>  $chambers
     * @return array<string, Handle> by field
     */
    private static function handles(array $values, array $chambers): array
    {
        $section = Plan::answer(PlanBrief::read(['values' => $values, 'chambers' => $chambers]))->section;
        self::assertNotNull($section);

        return array_column($section->handles, null, 'field');
    }
}
