<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Heat\HeaterSet;
use Velbrin\Core\Heat\TankHeat;

/** Every set that was looked at, against the three questions asked of it. */
final class StuckOnTest extends TestCase
{
    #[Test]
    public function a_set_is_safe_stuck_on_from_six_hours(): void
    {
        $near = [INF, INF];
        foreach ([120.0, 200.0, 300.0, 400.0, 520.0, 700.0] as $litres) {
            $tank = TankHeat::bare($litres, 12, 10, 0.5);
            foreach (HeaterChoice::of($tank, 25.5, 16, 26, 50)->sets as $set) {
                $hours = $tank->hotCourse($set->wattsEach + 50, 26, 25.5, 30)->hoursToLimit;
                self::assertSame($hours === null || $hours >= 6.0, $set->safeStuckOn, "{$set->wattsEach} W in {$litres} L");
                if ($hours !== null) {
                    $side = $hours >= 6.0 ? 1 : 0;
                    $near[$side] = min($near[$side], abs($hours - 6.0));
                }
            }
        }
        self::assertLessThan(1.0, max($near), 'both sides of the limit were met');
    }

    #[Test]
    public function a_set_holds_from_a_fifth_more_than_the_need(): void
    {
        $choice = HeaterChoice::of(TankHeat::bare(520, 21, 18, 0.5), 25.5, 16, 26, 50);
        foreach ($choice->sets as $set) {
            self::assertSame($set->totalW() >= 1.2 * $choice->needW - 1e-9, $set->holds, "{$set->count} × {$set->wattsEach} W");
        }
        $holding = array_filter($choice->sets, fn (HeaterSet $s): bool => $s->holds);
        self::assertNotSame([], $holding);
        self::assertLessThan(count($choice->sets), count($holding));
    }
}
