<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Moves\Load\Cargo;
use Velbrin\Core\Moves\Load\Stowage;
use Velbrin\Core\Moves\Load\Stowed;
use Velbrin\Core\Moves\Load\Straps;
use Velbrin\Core\Moves\Load\Truck;
use Velbrin\Core\Tests\Share;
use Velbrin\Core\Tests\Turns;

/** What rides where: against an overlap check of its own, and each limit of payload, axle and side. */
#[Group('beside')]
final class StowageTest extends TestCase
{
    use Turns;

    public static function truck(float $payloadKg = 1050, ?float $frontMostKg = 1600): Truck
    {
        return Truck::of(
            lengthMm: 3200,
            widthMm: 1700,
            heightMm: 1800,
            payloadKg: $payloadKg,
            crewKg: 150,
            wheelbaseMm: 3600,
            bulkheadMm: 1200,
            emptyFrontKg: 1100,
            emptyRearKg: 800,
            frontMostKg: $frontMostKg,
            rearMostKg: 2000,
        );
    }

    /** @return list<string> */
    private static function codes(Stowage $stowage): array
    {
        return array_map(fn (Finding $f): string => (string) $f->code, $stowage->findings);
    }

    /** Two that share any point inside, found corner by corner. */
    private static function meet(Stowed $a, Stowed $b): bool
    {
        $spans = fn (Stowed $s): array => [
            [$s->xMm, $s->xMm + $s->alongMm],
            [$s->yMm, $s->yMm + $s->acrossMm],
            [$s->zMm, $s->zMm + $s->cargo->heightMm],
        ];
        foreach (array_map(null, $spans($a), $spans($b)) as [[$a0, $a1], [$b0, $b1]]) {
            if (min($a1, $b1) - max($a0, $b0) <= 1e-5) {
                return false;
            }
        }

        return true;
    }

    #[Test]
    public function in_two_hundred_loads_nothing_stands_in_anything_or_on_animals(): void
    {
        for ($seed = 1; $seed <= Share::of(200, 100); $seed++) {
            mt_srand($seed);
            $cargo = [];
            for ($n = 0; $n < 8 + $seed % 30; $n++) {
                $isAlive = mt_rand(0, 1) === 1;
                $cargo[] = new Cargo("c{$n}", "box {$n}", mt_rand(300, 800), mt_rand(300, 600), mt_rand(250, 600), mt_rand(5, 40),
                    mt_rand(0, 3), $isAlive, ! $isAlive);
            }
            $stowage = Stowage::of(self::truck(), $cargo);
            self::assertSame(count($cargo), count($stowage->stowed) + count($stowage->left), "seed {$seed}");
            foreach ($stowage->stowed as $n => $one) {
                self::assertTrue($one->xMm >= 0 && $one->xMm + $one->alongMm <= 3200.001 && $one->yMm >= -0.001
                    && $one->yMm + $one->acrossMm <= 1700.001 && $one->zMm + $one->cargo->heightMm <= 1800.001, "seed {$seed}");
                $borne = $one->zMm <= 0;
                foreach ($stowage->stowed as $m => $other) {
                    self::assertFalse($m > $n && self::meet($one, $other), "seed {$seed}: {$one->cargo->id} in {$other->cargo->id}");
                    $isUnder = abs($other->zMm + $other->cargo->heightMm - $one->zMm) < 1e-6 && $other->xMm <= $one->xMm + 1e-6
                        && $other->yMm <= $one->yMm + 1e-6 && $other->xMm + $other->alongMm >= $one->xMm + $one->alongMm - 1e-6
                        && $other->yMm + $other->acrossMm >= $one->yMm + $one->acrossMm - 1e-6;
                    $borne = $borne || ($isUnder && $m !== $n && ! $other->cargo->isAlive);
                }
                self::assertTrue($borne, "seed {$seed}: {$one->cargo->id} hangs in the air, or stands on animals");
            }
            $rest = 150 + array_sum(array_map(fn (Stowed $s): float => $s->cargo->kg, $stowage->stowed));
            self::assertEqualsWithDelta($rest, $stowage->kg, 1e-9);
            self::assertEqualsWithDelta(1900 + $rest - 150, $stowage->frontKg + $stowage->rearKg, 1e-6, 'both axles bear all of it');
        }
    }

    #[Test]
    public function what_leaves_first_stands_at_the_door(): void
    {
        $cargo = [
            new Cargo('boxes', 'boxes', 600, 1600, 400, 100, 0, true),
            new Cargo('tank', 'tank', 1500, 700, 700, 120, 2),
            new Cargo('stand', 'stand', 1400, 600, 800, 90, 1),
        ];
        $x = [];
        foreach (Stowage::of(self::truck(), $cargo)->stowed as $stowed) {
            $x[$stowed->cargo->id] = $stowed->xMm;
        }
        self::assertLessThan($x['stand'], $x['tank']);
        self::assertLessThan($x['boxes'], $x['stand']);
    }

    #[Test]
    public function a_kilogram_over_the_payload_is_a_stop(): void
    {
        $cargo = fn (float $kg): array => [new Cargo('a', 'a', 1000, 1700, 500, $kg)];
        self::assertNotContains('truck-payload', self::codes(Stowage::of(self::truck(), $cargo(900))));
        self::assertContains('truck-payload', self::codes(Stowage::of(self::truck(), $cargo(901))));
    }

    #[Test]
    public function axles_sides_and_what_finds_no_place_are_told(): void
    {
        $wide = new Cargo('a', 'rock', 1000, 1700, 500, 600);
        // 600 kg in the middle of the first metre: 283.3 kg on the rear axle, 316.7 on the front.
        $stowage = Stowage::of(self::truck(frontMostKg: 1417), [$wide]);
        self::assertEqualsWithDelta([1416.67, 1083.33], [$stowage->frontKg, $stowage->rearKg], 0.01);
        self::assertSame([], self::codes($stowage));
        self::assertSame(['truck-axle'], self::codes(Stowage::of(self::truck(frontMostKg: 1416), [$wide])));
        self::assertContains('truck-sides', self::codes(Stowage::of(self::truck(), [new Cargo('a', 'a', 1000, 600, 500, 300)])));
        self::assertContains('truck-no-place', self::codes(Stowage::of(self::truck(), [new Cargo('a', 'a', 3300, 1750, 500, 30)])));
        self::assertContains('truck-axles-unknown', self::codes(Stowage::of(Truck::of(3000, 1700, 1800, 900), [$wide])));
        $far = new Stowed(new Cargo('a', 'a', 900, 1700, 500, 1040), 2300, 0, 0, 900, 1700);
        $tail = Truck::of(
            lengthMm: 3200,
            widthMm: 1700,
            heightMm: 1800,
            payloadKg: 2000,
            wheelbaseMm: 2500,
            bulkheadMm: 1500,
            emptyFrontKg: 800,
            emptyRearKg: 600,
        );
        self::assertContains('truck-steers', self::codes(Stowage::judged($tail, [$far])));
        // A fifth of the whole stays on the axle that steers.
        $judged = fn (float $frontKg): Stowage => Stowage::judged(Truck::of(
            lengthMm: 3200, widthMm: 1700, heightMm: 1800, payloadKg: 2000, wheelbaseMm: 2500, bulkheadMm: 1500,
            emptyFrontKg: $frontKg, emptyRearKg: 600,
        ), [$far]);
        $steers = self::turning(fn (float $kg): bool => in_array('truck-steers', self::codes($judged($kg)), true), 600, 2000);
        self::assertEqualsWithDelta(0.2, $judged($steers)->frontKg / ($judged($steers)->frontKg + $judged($steers)->rearKg), 1e-3);
    }

    #[Test]
    public function animals_behind_what_stays_longer_are_told(): void
    {
        $fish = new Stowed(new Cargo('f', 'fish', 600, 1700, 400, 40, 0, true), 0, 0, 0, 600, 1700);
        $tank = new Stowed(new Cargo('t', 'tank', 600, 1700, 400, 40, 3), 600, 0, 0, 600, 1700);
        self::assertContains('truck-blocked', self::codes(Stowage::judged(self::truck(), [$fish, $tank])));
        $first = new Stowed($tank->cargo, 0, 0, 0, 600, 1700);
        $last = new Stowed($fish->cargo, 600, 0, 0, 600, 1700);
        self::assertNotContains('truck-blocked', self::codes(Stowage::judged(self::truck(), [$first, $last])));
    }

    #[Test]
    public function nothing_stands_on_animals_however_strong_their_box_is(): void
    {
        $fish = new Cargo('f', 'fish', 3200, 1700, 400, 40, 5, true, true);
        $stowage = Stowage::of(self::truck(), [$fish, new Cargo('g', 'gear', 500, 400, 300, 20)]);
        self::assertSame(['g'], array_map(fn (Cargo $c): string => $c->id, $stowage->left));
        $rock = new Cargo('f', 'rock', 3200, 1700, 400, 40, 5, false, true);
        self::assertSame([], Stowage::of(self::truck(), [$rock, new Cargo('g', 'gear', 500, 400, 300, 20)])->left);
    }

    #[Test]
    public function straps_are_counted_after_the_standard(): void
    {
        // (0.8 − 0.3) · 400 · 9.81 · 1.25 / (2 · 0.3 · 1 · 3500) = 1.17
        self::assertSame(2, Straps::count(400, 3500));
        self::assertSame(1, Straps::count(342, 3500));
        self::assertSame(2, Straps::count(343, 3500));
        self::assertSame([1, 2], [Straps::count(342), Straps::count(343)], 'a usual ratchet');
        // (0.5 − 0.3) · 400 · 9.81 · 1.1 / 2100 = 0.41
        self::assertSame(1, Straps::count(400, 3500, forward: false));
        // To a side half its weight pulls, a tenth more counted in: one strap holds 2·0.3·3500 / (0.2·9.81·1.1) = 973 kg.
        self::assertSame(1, Straps::count(973, 3500, forward: false));
        self::assertSame(2, Straps::count(974, 3500, forward: false));
        self::assertSame(0, Straps::count(400, 3500, friction: 0.8));
        self::assertGreaterThan(Straps::count(900, 3500), Straps::count(900, 3500, 30));
    }

    #[Test]
    public function sixty_boxes_are_stowed_while_one_waits(): void
    {
        mt_srand(60);
        $cargo = [];
        for ($n = 0; $n < 60; $n++) {
            $cargo[] = new Cargo("c{$n}", "box {$n}", 400, 300, 320, mt_rand(5, 14), mt_rand(0, 3), $n % 2 === 0, $n % 2 === 1);
        }
        $started = hrtime(true);
        $stowage = Stowage::of(self::truck(), $cargo);
        self::assertLessThan(3000, (hrtime(true) - $started) / 1e6, 'ms: six times what is wished, for a busy machine');
        self::assertSame([], $stowage->left);
    }
}
