<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Levels;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Measure\Severity;

/** A sump a storey below its display (B-91). */
final class StoreysTest extends TestCase
{
    private const BELOW = [
        'sumpBelowMm' => 3000,
        'sumpAllowanceKpa' => 20,
        'returnLengthM' => 6,
        'drainLengthM' => 4,
        'pumpMaxHeadM' => 9,
    ];

    #[Test]
    public function the_fall_and_the_static_head_grow_by_the_storey(): void
    {
        $here = Levels::dropM(Facts::of(SoundPlan::brief()));
        $below = Levels::dropM(Facts::of(SoundPlan::brief(self::BELOW)));
        self::assertEqualsWithDelta($here + 3.0, $below, 1e-9);
        self::assertSame([], SoundPlan::answer(self::BELOW)->errors, 'no height is refused because of a cabinet');
        self::assertEqualsWithDelta($below, SoundPlan::answer(self::BELOW)->pump?->staticM, 1e-9);
    }

    #[Test]
    public function what_the_risers_hold_comes_down_with_a_power_cut(): void
    {
        // 27 mm of return and 34 mm of siphon, three metres each.
        $risers = (M_PI / 4) * (0.027 ** 2 + 0.034 ** 2) * 3000;
        $answers = SoundPlan::answer(self::BELOW);
        self::assertEqualsWithDelta($risers, self::value($answers, 'risersL'), 1e-9);
        self::assertEqualsWithDelta(
            self::value(SoundPlan::answer(), 'downL') + $risers,
            self::value($answers, 'downL'),
            1e-9,
        );
        // An open drain stands empty.
        $open = SoundPlan::answer([...self::BELOW, 'drains' => 'open-emergency', 'drainBoreMm' => 60]);
        self::assertEqualsWithDelta((M_PI / 4) * 0.027 ** 2 * 3000, self::value($open, 'risersL'), 1e-9);
    }

    #[Test]
    public function each_floor_bears_its_own(): void
    {
        $here = SoundPlan::answer();
        $below = SoundPlan::answer(self::BELOW);
        self::assertGreaterThan(self::value($below, 'massKg'), self::value($here, 'massKg'));
        $kpa = self::value($below, 'sumpFloorKpa');
        $said = fn (float $allowance): array => array_map(
            fn ($f): Severity => $f->severity,
            array_values(
                array_filter(
                    SoundPlan::answer([...self::BELOW, 'sumpAllowanceKpa' => $allowance])->findings,
                    fn ($f): bool => $f->rule === 'B-11' && str_contains($f->what->template, 'Under the sump'),
                ),
            ),
        );
        self::assertSame([Severity::Fine], $said($kpa / 0.8));
        self::assertSame([Severity::Fix], $said($kpa / 0.801));
        self::assertSame([Severity::Fix], $said($kpa / 1.5));
        self::assertSame([Severity::Stop], $said($kpa / 1.501));
    }

    #[Test]
    public function a_fast_drain_is_heard_and_ceilings_are_named(): void
    {
        $said = fn (array $more): string => SoundPlan::said(
            SoundPlan::of(SoundPlan::answer([...self::BELOW, ...$more]), 'B-91'),
        );
        self::assertStringContainsString('The pipes pass ceilings: 1', $said([]));
        self::assertStringContainsString('ceilings: 3', $said(['sumpBelowMm' => 9000]));
        // 3 000 L/h through 23 mm run at 2.006 m/s, through 23.1 mm at 1.988.
        $heard = fn (float $bore): Severity => array_values(
            array_filter(
                SoundPlan::answer([...self::BELOW, 'drainBoreMm' => $bore])->findings,
                fn ($f): bool => $f->rule === 'B-91' && $f->working === 'drainMs',
            ),
        )[0]->severity;
        self::assertSame(Severity::Watch, $heard(23.0));
        self::assertSame(Severity::Fine, $heard(23.1));
        self::assertSame([], SoundPlan::of(SoundPlan::answer(), 'B-91'), 'on one floor nothing is said');
    }

    private static function value(PlanAnswers $answers, string $key): float
    {
        return $answers->figure($key)->quantity->value ?? self::fail("{$key} is not answered");
    }
}
