<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Chemistry;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Chemistry\DosingVessel;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\OxygenCourse;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Reading;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\TrendLine;
use Velbrin\Core\Chemistry\TrialEffect;
use Velbrin\Core\Chemistry\TrialResults;
use Velbrin\Core\Seawater\Conductivity;
use Velbrin\Core\Tests\Refuses;

/** Courses and lines through readings, where they just do and just do not. */
final class CoursesTest extends TestCase
{
    use Refuses;

    #[Test]
    public function oxygen_that_settles_at_the_limit_never_passes_it(): void
    {
        // 0.1 m³/h and 200 mg/h: it settles 2 mg/L under saturation.
        $settled = OxygenCourse::of(500, 0.1, 6, 5, 200, 4);
        self::assertSame([4.0, null], [$settled->settlesMgL, $settled->hoursToLimit]);
        $under = OxygenCourse::of(500, 0.1, 6, 5, 201, 4);
        self::assertEqualsWithDelta(5 * log((5 - 3.99) / (4 - 3.99)), $under->hoursToLimit, 1e-6);
        self::assertNull(OxygenCourse::of(500, 0.1, 6, 5, 700, 4)->settlesMgL, 'below nothing it does not settle');
        self::assertSame(0.0, OxygenCourse::of(500, 0.1, 6, 4, 0, 4)->hoursToLimit, 'at it from the beginning');
        self::assertNull(OxygenCourse::of(500, 0, 6, 5, 0, 4)->hoursToLimit, 'nobody breathes');
    }

    #[Test]
    public function a_line_through_an_even_number_takes_the_middle_of_both(): void
    {
        $line = TrendLine::through([Reading::at(0, 1), Reading::at(1, 3), Reading::at(2, 4)]);
        // Slopes 1.5, 2, 1: the middle one; and what each leaves at day nought: 1, 1.5, 1.
        self::assertSame([1.5, 1.0], [$line->slopePerDay, $line->atZero]);
        $two = TrendLine::through([Reading::at(0, 1), Reading::at(2, 5), Reading::at(2, 3)]);
        self::assertSame(1.5, $two->slopePerDay, 'of 2 and 1');
        $flat = TrendLine::through([Reading::at(0, 1), Reading::at(0, 2), Reading::at(0, 4), Reading::at(0, 9)]);
        self::assertSame([0.0, 3.0], [$flat->slopePerDay, $flat->atZero], 'all at one time');
    }

    #[Test]
    public function two_trials_have_a_spread_and_one_has_none(): void
    {
        self::assertNull(TrialResults::of([3.0])->spread);
        self::assertEqualsWithDelta(sqrt(2), TrialResults::of([2.0, 4.0])->spread, 1e-12);
    }

    #[Test]
    public function a_judgement_rests_on_sixty_days_and_wants_three_of_them_apart(): void
    {
        $of = fn (array $days, float $now): Judgement => Judgement::of(
            array_map(fn (float $day): Reading => Reading::at($day, 8 + $day / 100), $days),
            Band::around(7, 8.5),
            0.1,
            $now,
        );
        self::assertSame(3, $of([0, 30, 50], 60)->count);
        self::assertSame(2, $of([0, 30, 50], 60.1)->count, 'the oldest is out of the window');
        self::assertNotNull($of([0, 1, 3], 3)->slopePerDay);
        self::assertNull($of([0, 1, 2.99], 3)->slopePerDay, 'too short to have a slope');
        self::assertSame([8, null], [$of(range(1, 9), 9)->count, $of([1, 9], 9)->slopePerDay], 'the last eight; two are too few');
    }

    #[Test]
    public function a_value_is_doubted_beyond_three_scatters(): void
    {
        $flat = Judgement::of(array_map(fn (int $day): Reading => Reading::at($day, 8.0), range(1, 6)), Band::around(7, 8.5), 0.1, 6);
        // Half of what the kit resolves at least.
        self::assertSame(0.05, $flat->scatter);
        self::assertFalse($flat->doubts(8.149, 8.0));
        self::assertTrue($flat->doubts(8.151, 8.0));
        self::assertTrue($flat->doubts(7.849, 8.0));
    }

    #[Test]
    public function a_trial_is_held_against_a_fortnight_at_least_and_sixty_days_at_most(): void
    {
        self::assertSame([86.0, 105.0], TrialEffect::windows(100, 110));
        self::assertSame([86.0, 114.0], TrialEffect::windows(100, 128), 'half of four weeks');
        self::assertSame([85.0, 115.0], TrialEffect::windows(100, 130));
        self::assertSame([40.0, 160.0], TrialEffect::windows(100, 220));
        self::assertSame([40.0, 170.0], TrialEffect::windows(100, 230), 'longer is not looked at');
    }

    #[Test]
    public function a_vessel_that_runs_out_at_once_raises_by_all_it_holds(): void
    {
        // 1 000 mL of 1 meq/mL into 500 L: 2 meq/L.
        $vessel = DosingVessel::of(1000, 100, 45, 1, 500);
        self::assertEqualsWithDelta(2 * 2.8, $vessel->worstAlkDkh, 0.01);
        self::assertEqualsWithDelta(20.0, $vessel->daysLeft, 1e-9);
        self::assertSame(0.0, DosingVessel::of(50, 100, 45, 1, 500)->daysLeft);
        self::assertNull(DosingVessel::of(1000, 100, 0, 1, 500)->daysLeft);
    }

    #[Test]
    public function a_slip_of_ten_is_asked_about_where_a_band_says_what_is_fine(): void
    {
        $said = fn (float $value, Band $band): ?string => ReadingCheck::doubt(Parameter::Alkalinity, $value, $band, null)?->code;
        $band = Band::of(7.5, 8.5, 7, 9);
        self::assertSame('chemistry.is-ten-times-off', $said(0.8, $band));
        self::assertSame('chemistry.is-ten-times-off', $said(80, $band));
        self::assertNotSame('chemistry.is-ten-times-off', $said(0.5, $band), 'ten times that is as far off');
        self::assertNull($said(8, $band));
        $oneSided = Band::of(null, 8.5, null, 9);
        self::assertSame('chemistry.is-ten-times-off', $said(80, $oneSided), 'a limit on one side is one');
        self::assertSame('chemistry.is-ten-times-off', $said(0.8, Band::of(7.5, null, 7, null)));
    }

    #[Test]
    public function conductivity_holds_from_two_to_forty_two_and_goes_there_and_back(): void
    {
        foreach ([2.0001, 20.0, 35.0, 41.9999] as $salinity) {
            self::assertEqualsWithDelta($salinity, Conductivity::salinity(Conductivity::of($salinity, 20), 20), 1e-6);
        }
        self::assertSame('salinity', self::refused(fn () => Conductivity::of(42.01, 20)));
        $most = Conductivity::of(42, 20);
        self::assertSame('conductivityMsCm', self::refused(fn () => Conductivity::salinity($most * 1.001, 20)));
        $least = Conductivity::of(2, 20);
        self::assertSame('conductivityMsCm', self::refused(fn () => Conductivity::salinity($least * 0.999, 20)));
    }
}
