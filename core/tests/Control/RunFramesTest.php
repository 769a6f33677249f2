<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Control\Plant\PlantFacts;
use Velbrin\Core\Control\Plant\RunFrames;
use Velbrin\Core\Tests\Build\SoundPlan;

/** A run on the drawing of its system: it begins where the drawing stands, and a drowned baffle parts nothing. */
final class RunFramesTest extends TestCase
{
    /** @param  array<string, mixed>  $values */
    private static function facts(array $values = []): Facts
    {
        return Facts::of(SoundPlan::brief($values));
    }

    #[Test]
    public function it_begins_at_the_running_levels_and_follows_the_last_chamber(): void
    {
        $facts = self::facts();
        $startMm = PlantFacts::startsMm($facts);
        $running = array_map(fn ($c): float => $c->levelMm, array_values(SumpWater::of($facts)->chambers));
        $point = fn (float $atS, float $sumpMm): array => ['atS' => $atS, 'displayMm' => 12.0, 'sumpMm' => $sumpMm, 'floorL' => 3.0];
        $frames = RunFrames::of($facts, [$point(0, $startMm), $point(900, $startMm - 30), $point(1800, $startMm + 200)]);
        self::assertSame($running, $frames[0]->sumpLevelsMm);
        self::assertSame([12.0, 3.0, 0.0], [$frames[0]->displayMm, $frames[0]->floorL, $frames[0]->second]);
        $last = count($running) - 1;
        self::assertEqualsWithDelta($running[$last] - 30, $frames[1]->sumpLevelsMm[$last], 1e-9);
        $others = fn (array $levels): array => array_slice($levels, 0, $last);
        self::assertSame($others($running), $others($frames[1]->sumpLevelsMm), 'the others stand at their baffles');
        $high = $running[$last] + 200;
        self::assertSame(
            array_map(fn (float $mm): float => max($mm, $high), $running),
            $frames[2]->sumpLevelsMm,
        );
    }

    #[Test]
    public function without_a_described_sump_or_its_level_in_the_run_there_are_no_frames(): void
    {
        $point = ['atS' => 0.0, 'displayMm' => 1.0, 'sumpMm' => 1.0, 'floorL' => 0.0];
        self::assertSame([], RunFrames::of(self::facts(['sumpLengthMm' => null]), [$point]));
        self::assertSame([], RunFrames::of(self::facts(), [['sumpMm' => null] + $point]));
    }
}
