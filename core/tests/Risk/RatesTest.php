<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\FailureChance;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Cohort;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Renewal;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Rate\Unsure;
use Velbrin\Core\Risk\SpareStock;

/** Rates of what fails, from age, share and season (R-20, R-54, R-57, R-58, R-40). */
final class RatesTest extends TestCase
{
    #[Test]
    public function a_heater_of_three_years_fails_a_quarter_of_the_time_and_sticks_on_in_three_of_ten(): void
    {
        $rates = Rates::assumed();
        $yearly = $rates->yearly(Job::Heater, 3.0, 10.0);
        self::assertEqualsWithDelta(0.254, $yearly?->likely, 0.0005);
        self::assertEqualsWithDelta(0.0763, $yearly?->times($rates->of(Assumed::HeaterOnShare))->likely, 0.0002);
    }

    #[Test]
    public function an_age_nobody_knows_lies_between_new_and_the_systems(): void
    {
        $rates = Rates::assumed();
        $open = $rates->yearly(Job::Heater, null, 4.0);
        self::assertSame($rates->yearly(Job::Heater, 0.0, 4.0)?->likely, $open?->low);
        self::assertSame($rates->yearly(Job::Heater, 4.0, 4.0)?->likely, $open?->high);
        self::assertNull($rates->yearly(Job::Mixer, 1.0, 4.0), 'nobody counts mixers');
    }

    #[Test]
    public function a_probe_unproved_for_a_year_may_be_dead(): void
    {
        self::assertEqualsWithDelta(0.162, Rates::assumed()->hidden(Job::Probe, 0.0, 1.0), 0.0005);
        self::assertEqualsWithDelta(0.436, Rates::assumed()->hidden(Job::Heater, 0.0, 4.0), 0.0005, 'a heater, four years');
    }

    #[Test]
    public function a_spare_is_there_in_nineteen_of_twenty_cases_where_nobody_asks_for_more(): void
    {
        // One is enough while the chance that none fails meanwhile is 0.95.
        $stock = fn (float $demand): int => SpareStock::of(1, $demand, 365)->stock;
        self::assertSame([1, 2], [$stock(-log(0.951)), $stock(-log(0.949))]);
    }

    #[Test]
    public function what_nobody_said_wears_as_most_things_do(): void
    {
        self::assertEqualsWithDelta(1 - exp(-(0.5 ** 2.5)), FailureChance::of(0, 2, 4), 1e-12);
    }

    /** @return iterable<string, array{0: float, 1: float}> hours, cuts a year that last so long */
    public static function cuts(): iterable
    {
        yield 'an hour, as counted' => [1.0, 0.5];
        yield 'twelve hours, as counted' => [12.0, 0.05];
        yield 'between them on one curve' => [2.228, 0.5 * 2.228 ** -0.9266];
        yield 'a minute counts as five' => [1 / 60, 0.5 * (1 / 12) ** -0.9266];
        yield 'five minutes' => [1 / 12, 0.5 * (1 / 12) ** -0.9266];
    }

    #[Test]
    #[DataProvider('cuts')]
    public function longer_cuts_are_rarer_on_one_curve(float $hours, float $yearly): void
    {
        self::assertEqualsWithDelta($yearly, Rates::assumed()->outagesOf($hours), $yearly * 1e-3);
    }

    #[Test]
    public function cuts_never_grow_more_frequent_with_length_whatever_is_entered(): void
    {
        $rates = Rates::with(['outage-1h' => 0.2, 'outage-12h' => 4.0]);
        self::assertGreaterThanOrEqual($rates->outagesOf(12.0), $rates->outagesOf(1.0));
    }

    #[Test]
    public function what_the_company_counts_itself_stands_in_place_of_a_guess(): void
    {
        $rates = Rates::with(['heater-years' => 8.0]);
        self::assertSame(8.0, $rates->scaleYears(Job::Heater));
        self::assertTrue($rates->isSet(Assumed::HeaterYears));
        self::assertFalse($rates->isSet(Assumed::PumpYears));
        self::assertSame(8.0, $rates->scaleYears(Job::ReturnPump));
    }

    /** @return iterable<string, array{0: array<string, float>, 1: string}> what, field */
    public static function wrong(): iterable
    {
        yield 'a name nobody knows' => [['heater-luck' => 1.0], 'heater-luck'];
        yield 'a share above one' => [['beta' => 1.01], 'beta'];
        yield 'a life of nothing' => [['pump-years' => 0.49], 'pump-years'];
    }

    /** @param  array<string, float>  $set */
    #[Test]
    #[DataProvider('wrong')]
    public function it_refuses_rates_that_cannot_be(array $set, string $field): void
    {
        try {
            Rates::with($set);
            self::fail('let through');
        } catch (OutOfRange $e) {
            self::assertSame($field, $e->field);
        }
    }

    #[Test]
    public function every_assumed_rate_lies_within_its_own_bounds_and_says_what_it_is(): void
    {
        foreach (Assumed::cases() as $one) {
            self::assertGreaterThanOrEqual($one->least(), $one->usual(), $one->value);
            self::assertLessThanOrEqual($one->most(), $one->usual(), $one->value);
            self::assertNotSame('', $one->label());
            Rates::with([$one->value => $one->least()]);
            Rates::with([$one->value => $one->most()]);
        }
    }

    #[Test]
    public function seven_heaters_of_one_month_fail_two_or_more_in_a_third_of_years(): void
    {
        $chance = Rates::assumed()->yearly(Job::Heater, 2.0, 5.0)->likely ?? 0.0;
        $cohort = Cohort::of(7, $chance);
        self::assertEqualsWithDelta(0.163, $cohort->chance, 0.0005);
        self::assertEqualsWithDelta(1.14, $cohort->expected, 0.005);
        self::assertEqualsWithDelta(0.319, $cohort->twoOrMore, 0.0005);
        self::assertSame(0.0, Cohort::of(1, 0.9)->twoOrMore);
        self::assertSame(0.0, Cohort::of(0, 0.9)->twoOrMore);
    }

    #[Test]
    public function heaters_replaced_in_time_need_fewer_spares(): void
    {
        $run = Renewal::yearly(5.0, 2.5);
        $replaced = Renewal::yearly(5.0, 2.5, 1.25);
        self::assertEqualsWithDelta(0.2254, $run, 0.0002);
        self::assertEqualsWithDelta(0.0248, $replaced, 0.0001);
        $stock = SpareStock::of(60, $run, 14, 0.95);
        self::assertSame(3, $stock->stock);
        self::assertEqualsWithDelta(0.984, $stock->serviceLevel, 0.001);
        self::assertSame(2, SpareStock::of(60, $replaced, 14, 0.95)->stock);
        self::assertEqualsWithDelta(0.9445, SpareStock::of(60, $replaced, 14, 0.9)->serviceLevel, 0.0005, 'one is not enough');
    }

    #[Test]
    public function the_fact_that_narrows_most_is_named_first(): void
    {
        $hours = Unsure::of(
            ['room' => Span::of(10, 20, 60), 'flow' => Span::of(30, 40, 50)],
            fn (array $f): float => $f['room'] / $f['flow'],
        );
        self::assertSame(['room', 'flow'], $hours->narrows);
        self::assertEqualsWithDelta([10 / 50, 20 / 40, 60 / 30], [$hours->low, $hours->likely, $hours->high], 1e-12);
        self::assertTrue(Unsure::of(['room' => Span::sure(3)], fn (array $f): float => $f['room'])->isSure());
    }

    #[Test]
    public function a_span_that_does_not_rise_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        Span::of(2, 1, 3);
    }
}
