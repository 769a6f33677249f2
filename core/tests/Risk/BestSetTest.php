<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\Fills;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Measures\BestSet;
use Velbrin\Core\Risk\Measures\Chosen;
use Velbrin\Core\Risk\Measures\Judged;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Measures\Option;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Tests\Share;

/** The best set of measures under a budget, against every set there is (R-30, R-31, R-63). */
#[Group('beside')]
final class BestSetTest extends TestCase
{
    #[Test]
    public function the_pair_that_only_helps_together_is_found(): void
    {
        // One pump on a small or a large battery: 967; two pumps on a small one: 899, on a large one: 389.
        $loss = fn (string $hazard, array $set): float => match (implode('+', $set)) {
            '' => 1428.0,
            'large', 'pump' => 967.0,
            'pump+second' => 899.0,
            'large+pump+second' => 389.0,
            'large+pump' => 967.0,
            default => 1428.0,
        };
        $options = [
            new Option('pump', 20000, ['power-cut']),
            new Option('second', 15000, ['power-cut'], needs: ['pump']),
            new Option('large', 25000, ['power-cut'], needs: ['pump']),
        ];
        $best = fn (int $budget): Chosen => BestSet::of(['power-cut'], $options, $budget, $loss);
        self::assertSame([['pump'], 967.0], [$best(34999)->ids, $best(34999)->yearly]);
        self::assertSame([['pump', 'second'], 899.0], [$best(35000)->ids, $best(35000)->yearly]);
        self::assertSame([['large', 'pump', 'second'], 389.0], [$best(60000)->ids, $best(60000)->yearly]);
        self::assertSame([], $best(19999)->ids);
        self::assertSame(0.0, $best(60000)->gap);
    }

    #[Test]
    public function it_is_the_best_of_all_sets(): void
    {
        mt_srand(31);
        for ($n = 0; $n < 60; $n++) {
            [$hazards, $options, $loss] = self::world(mt_rand(1, 8));
            $budget = mt_rand(0, 600);
            $found = BestSet::of($hazards, $options, $budget, $loss);
            $best = self::tryAll($hazards, $options, $budget, $loss);
            self::assertEqualsWithDelta($best, $found->yearly, 1e-9, "world {$n}");
            self::assertLessThanOrEqual($budget, $found->costMinor);
        }
    }

    #[Test]
    public function with_more_than_are_tried_one_by_one_it_is_still_the_best_of_all(): void
    {
        mt_srand(41);
        for ($n = 0; $n < Share::of(2, 1); $n++) {
            [$hazards, $options, $loss] = self::world(14);
            $priced = array_map(
                fn (Option $o): Option => new Option($o->id, $o->priceMinor ?? 50, ['h1'], $o->needs, $o->excludes, $o->yearly),
                $options,
            );
            $budget = 250 + 150 * $n;
            $found = BestSet::of($hazards, $priced, $budget, $loss);
            self::assertEqualsWithDelta(self::tryAll($hazards, $priced, $budget, $loss), $found->yearly, 1e-9, "world {$n}");
            self::assertSame(0.0, $found->gap);
            $curve = BestSet::curve($hazards, $priced, $loss);
            self::assertEqualsWithDelta(
                BestSet::of($hazards, $priced, array_sum(array_map(fn (Option $o): int => $o->priceMinor ?? 0, $priced)), $loss)->yearly,
                $curve[count($curve) - 1]->yearly,
                1e-9,
                'at the end of the curve nothing better is to be had',
            );
        }
    }

    #[Test]
    public function beyond_twenty_it_says_how_far_it_may_be_from_the_best(): void
    {
        mt_srand(7);
        [$hazards, $options, $loss] = self::world(24);
        $found = BestSet::of($hazards, $options, 900, $loss);
        self::assertGreaterThanOrEqual(0.0, $found->gap);
        self::assertLessThanOrEqual(BestSet::of($hazards, $options, 0, $loss)->yearly, $found->yearly);
        self::assertGreaterThan(0, count($found->ids));
    }

    #[Test]
    public function more_money_never_leaves_more_loss_and_what_has_no_price_is_not_chosen(): void
    {
        mt_srand(5);
        [$hazards, $options, $loss] = self::world(7);
        $curve = BestSet::curve($hazards, [...$options, new Option('gift', null, $hazards)], $loss);
        $last = INF;
        foreach ($curve as $point) {
            self::assertLessThan($last, $point->yearly);
            self::assertNotContains('gift', $point->ids);
            $last = $point->yearly;
        }
    }

    #[Test]
    public function a_budget_below_nothing_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        BestSet::of([], [], -1, fn (): float => 0.0);
    }

    #[Test]
    public function what_a_measure_adds_counts_against_it(): void
    {
        $side = new Waterside(topUp: new TopUp(600, 35, 60, 60, 25, 12, 6));
        $heaters = [Worlds::heater('a', 150.0, age: 4.0)];
        $judged = new Judged(Worlds::standing($heaters), [Worlds::moment(8.0, $heaters, $side)], Rates::assumed());
        $float = MeasureKind::TopOffFloat;
        self::assertLessThan($judged->harms(Hazard::TopOffOn, []), $judged->harms(Hazard::TopOffOn, [$float]));
        self::assertGreaterThanOrEqual(
            $judged->harms(Hazard::TopOffOff, []),
            $judged->harms(Hazard::TopOffOff, [$float]),
            'it sticks shut as well',
        );
        self::assertLessThan($judged->loss(Hazard::HeaterStuckOff, []), $judged->loss(Hazard::HeaterStuckOff, [MeasureKind::NewHeaters]));
        self::assertSame([], $judged->touched(MeasureKind::Generator) === [] ? ['power-cut'] : []);
        self::assertContains(MeasureKind::SmallStore, $judged->fitting());
        self::assertNotContains(MeasureKind::SkimmerCollector, $judged->fitting(), 'there is no skimmer');
    }

    #[Test]
    public function nothing_outside_what_a_measure_may_touch_ever_moves(): void
    {
        $seen = [];
        foreach (self::systems() as $judged) {
            $all = $judged->fitting();
            foreach ($all as $kind) {
                $others = array_values(array_filter($all, fn (MeasureKind $k): bool => $k !== $kind));
                $seen[$kind->value] = true;
                foreach (Hazard::cases() as $hazard) {
                    if (in_array($hazard, $kind->mayTouch(), true)) {
                        continue;
                    }
                    foreach ([[[$kind], []], [$all, $others]] as [$with, $without]) {
                        self::assertEqualsWithDelta($judged->harms($hazard, $without), $judged->harms($hazard, $with), 1e-12);
                        self::assertEqualsWithDelta($judged->loss($hazard, $without), $judged->loss($hazard, $with), 1e-9);
                    }
                }
            }
        }
        self::assertCount(count(MeasureKind::cases()), $seen, 'every kind of measure stood in one of them');
    }

    #[Test]
    public function a_vessel_set_lower_takes_the_siphon_away_and_nothing_else(): void
    {
        $judged = fn (DoserLine ...$lines): Judged => new Judged(
            Worlds::standing([new Device('h', 'head', Job::Doser, ageYears: 2.0)]),
            [Worlds::moment(21.0, [], new Waterside(
                doses: array_map(fn (DoserLine $l): Dose => new Dose('head', 600, Liquid::Carbonate, 1.0, 3000, 50, line: $l), $lines),
            ))],
            Rates::assumed(),
        );
        $harms = fn (array $with, DoserLine ...$lines): float => $judged(...$lines)->harms(Hazard::Overdose, $with);
        $low = [MeasureKind::LowVessels];
        $stands = new DoserLine(-100.0);
        $falls = new DoserLine(640.0, false, 3.0, 1.4);
        $unseen = new DoserLine();
        self::assertContains(MeasureKind::LowVessels, $judged($stands, $falls)->fitting());
        self::assertContains(MeasureKind::LowVessels, $judged($unseen)->fitting(), 'nobody has looked: it may');
        self::assertNotContains(MeasureKind::LowVessels, $judged($stands)->fitting());
        self::assertNotContains(MeasureKind::LowVessels, $judged()->fitting());
        self::assertGreaterThan($harms([], $unseen), $harms([], $falls));
        foreach ([$falls, $unseen] as $line) {
            self::assertEqualsWithDelta($harms([], $stands), $harms($low, $line), 1e-12);
        }
        self::assertEqualsWithDelta($harms([], $stands), $harms($low, $stands), 1e-12);
    }

    /** @return list<Judged> systems in which every measure fits somewhere */
    private static function systems(): array
    {
        $side = new Waterside(
            topUp: new TopUp(600, 35, 60, 60, 25, 12, 6),
            draining: new Draining(21.6, 40, 1800),
            doses: [new Dose('head', 600, Liquid::Carbonate, 1.0, 3000, 50)],
            hasDrain: true,
            fills: [new Fills(Span::sure(10.0), Span::sure(60.0), 'room', 'flow')],
            skimmer: Fills::skimmer(),
            hasLamp: true,
            leakL: 600.0,
            lost: [new LostOutlet('heater a', Job::Heater, 1.0, 150)],
            roomTempered: true,
            roomUntemperedC: 4.0,
        );
        $systems = [];
        foreach ([8.0, 21.0, 29.0] as $roomC) {
            foreach ([false, true] as $isPlain) {
                $devices = [
                    Worlds::heater('a', 150.0, age: 4.0),
                    Worlds::heater('b', 300.0, age: 1.0),
                    new Device('r', 'return', Job::ReturnPump, watts: 40.0, ageYears: 2.0),
                    new Device('s', 'skimmer', Job::Skimmer, ageYears: 2.0),
                    new Device('h', 'head', Job::Doser, ageYears: 2.0),
                ];
                $standing = Worlds::standing($isPlain ? array_slice($devices, 0, 2) : $devices);
                $moment = Worlds::moment($roomC, $standing->devices, $isPlain ? null : $side, alarm: Worlds::alarm());
                $called = new Called('Ines', true, 15, 30, false);
                $place = new Place(2, [9.0], [[6.0, 16.0]], $called, ['heater' => 48.0, 'return-pump' => 2.0]);
                $systems[] = new Judged(
                    $isPlain ? $standing : new Standing(
                        devices: $standing->devices,
                        feedLayers: [],
                        systemYears: 4.0,
                        animalsWorth: 8000.0,
                        floorWorth: 3000.0,
                        hasEmergencyDrain: true,
                    ),
                    [new Moment(1.0, $moment->tank, $place, $moment->alarms)],
                    Rates::assumed(),
                );
            }
        }

        return $systems;
    }

    /**
     * @param  list<string>  $hazards
     * @param  list<Option>  $options
     * @param  \Closure(string, list<string>): float  $loss
     */
    private static function tryAll(array $hazards, array $options, int $budget, \Closure $loss): float
    {
        $best = INF;
        for ($choice = 0; $choice < 2 ** count($options); $choice++) {
            $set = array_values(
                array_filter($options, fn (Option $o, int $i): bool => (($choice >> $i) & 1) === 1, ARRAY_FILTER_USE_BOTH),
            );
            $ids = array_map(fn (Option $o): string => $o->id, $set);
            $cost = array_sum(array_map(fn (Option $o): int => $o->priceMinor ?? PHP_INT_MAX >> 8, $set));
            $sound = array_filter(
                $set,
                fn (Option $o): bool => array_diff($o->needs, $ids) !== [] || array_intersect($o->excludes, $ids) !== [],
            ) === [];
            if ($cost <= $budget && $sound) {
                sort($ids);
                $yearly = array_sum(array_map(fn (Option $o): float => $o->yearly, $set));
                foreach ($hazards as $hazard) {
                    $touching = array_values(array_filter($ids, fn (string $id): bool => self::touches($options, $id, $hazard)));
                    $yearly += $loss($hazard, $touching);
                }
                $best = min($best, $yearly);
            }
        }

        return $best;
    }

    /** @return array{0: list<string>, 1: list<Option>, 2: \Closure(string, list<string>): float} */
    private static function world(int $count): array
    {
        $hazards = ['h1', 'h2', 'h3'];
        $options = [];
        $factor = [];
        for ($i = 0; $i < $count; $i++) {
            $touches = array_values(array_filter($hazards, fn (): bool => mt_rand(0, 2) > 0));
            $id = "m{$i}";
            $needs = $i > 0 && mt_rand(0, 5) === 0 ? ['m'.mt_rand(0, $i - 1)] : [];
            $excludes = $i > 0 && mt_rand(0, 5) === 0 ? ['m'.mt_rand(0, $i - 1)] : [];
            $options[] = new Option($id, mt_rand(0, 9) === 0 ? null : mt_rand(0, 200), $touches, $needs, $excludes, mt_rand(0, 5));
            foreach ($hazards as $hazard) {
                $factor["{$hazard}{$id}"] = mt_rand(20, 115) / 100;
            }
        }
        $loss = function (string $hazard, array $set) use ($factor): float {
            $left = ['h1' => 300.0, 'h2' => 120.0, 'h3' => 50.0][$hazard];
            foreach ($set as $id) {
                $left *= $factor["{$hazard}{$id}"];
            }

            // Some only help together.
            return count($set) >= 3 ? $left * 0.8 : $left;
        };

        return [$hazards, $options, $loss];
    }

    /** @param  list<Option>  $options */
    private static function touches(array $options, string $id, string $hazard): bool
    {
        foreach ($options as $option) {
            if ($option->id === $id) {
                return in_array($hazard, $option->touches, true);
            }
        }

        return false;
    }
}
