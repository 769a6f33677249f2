<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\OnRecord;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\Refill;

/** Figures worked by hand that once came out otherwise. */
final class NamedFiguresTest extends TestCase
{
    private const G = 9.80665;

    #[Test]
    public function a_load_spreads_over_the_footprint_of_an_l_shape_and_a_cylinder(): void
    {
        // 2 297 kg on 2 400 × 600 and a leg of 600 × 1 800: 2.52 m², not the 5.76 m² of its box.
        $l = $this->floor([
            'shape' => 'l-shape',
            'lengthMm' => 2400,
            'widthMm' => 600,
            'legLengthMm' => 1800,
            'legWidthMm' => 600,
        ]);
        self::assertEqualsWithDelta(2.52, $l->footprintM2, 1e-9);
        self::assertEqualsWithDelta(8.94, (2297 * self::G) / 1000 / $l->footprintM2, 0.005);
        self::assertEqualsWithDelta(3.91, (2297 * self::G) / 1000 / 5.76, 0.005);
        self::assertEqualsWithDelta($l->loadKn / $l->footprintM2, $l->meanKpa, 1e-9);
        // A cylinder stands on π/4 of its box: 16.54 kPa where 12.99 were said.
        $c = $this->floor(['shape' => 'cylinder', 'diameterMm' => 900]);
        self::assertEqualsWithDelta(16.54 / 12.99, 0.81 / $c->footprintM2, 0.001);
        self::assertEqualsWithDelta($c->loadKn / $c->footprintM2, $c->meanKpa, 1e-9);
    }

    #[Test]
    public function sixty_litres_missing_with_18_3_in_the_chamber_ask_for_2_085_an_hour_or_3_000_sump_first(): void
    {
        $refill = Refill::of(3000, 1683, 18.3, 60, 40, 20);
        self::assertEqualsWithDelta(2085, $refill->needsLh, 0.5);
        self::assertEqualsWithDelta(3000, $refill->needsSumpFirstLh, 1e-9);
        self::assertFalse($refill->holds, '1 683 L/h run the pump dry');
        self::assertTrue(Refill::of(3000, 2085.1, 18.3, 60, 40, 20)->holds);
        self::assertFalse(Refill::of(3000, 2084.9, 18.3, 60, 40, 20)->holds);
    }

    #[Test]
    public function a_leaking_sump_counts_the_back_siphon_that_follows(): void
    {
        // Outlet and break 500 mm under the rim: 440 mm below the weir's edge run back, 395 L with the pipes'.
        $deep = SoundPlan::answer(['lengthMm' => 1500, 'outletBelowRimMm' => 500, 'breakBelowRimMm' => 500]);
        $down = $deep->figure('downL')?->quantity->value ?? 0.0;
        self::assertEqualsWithDelta(395, $down, 20);
        $leak = self::about($deep, 'R-47', 'sump');
        self::assertSame(Severity::Watch, $leak->severity);
        $lost = $leak->what->parts['down'];
        self::assertInstanceOf(\Velbrin\Core\Measure\Quantity::class, $lost);
        self::assertGreaterThan($down, $lost->value, 'the sump’s own water and what siphons back');
        $shallow = SoundPlan::answer(['lengthMm' => 1500]);
        $less = self::about($shallow, 'R-47', 'sump')->what->parts['down'];
        self::assertInstanceOf(\Velbrin\Core\Measure\Quantity::class, $less);
        self::assertEqualsWithDelta(
            $down - ($shallow->figure('downL')?->quantity->value ?? 0.0),
            $lost->value - $less->value,
            1e-6,
        );
    }

    #[Test]
    public function a_pane_just_under_and_one_just_over_the_limit_do_not_read_alike(): void
    {
        $factor = fn (float $heightMm): float => SoundPlan::answer(['heightMm' => $heightMm])->figure('panelFactor')
            ?->quantity->value ?? NAN;
        [$strong, $weak] = [300.0, 1500.0];
        for ($i = 0; $i < 60 && $weak - $strong > 1e-3; $i++) {
            $middle = ($strong + $weak) / 2;
            $factor($middle) >= 3.0 ? ($strong = $middle) : ($weak = $middle);
        }
        $words = fn (float $heightMm): string => self::about(
            SoundPlan::answer(['heightMm' => $heightMm]),
            'B-13',
            'panel',
        )->what->in(Units::metric());
        self::assertGreaterThanOrEqual(3.0, $factor($strong));
        self::assertLessThan(3.0, $factor($weak));
        self::assertNotSame($words($strong), $words($weak));
        self::assertStringEndsNotWith(' 3.00', $words($weak));
    }

    #[Test]
    public function the_registered_heaters_are_judged_not_a_proposal(): void
    {
        $says = fn (Heater ...$heaters): PlanAnswers => $this->running(new OnRecord(array_values($heaters)));
        $two = $says(new Heater('Left', 400, 'left'), new Heater('Right', 400, 'right'));
        self::assertStringContainsString('400', (string) $two->figure('heaters')?->word);
        self::assertStringNotContainsString('300', (string) $two->figure('heaters')?->word);
        $one = $says(new Heater('The one', 1500, 'socket'));
        self::assertStringContainsString('500', (string) $one->figure('heaters')?->word, 'one of 1 500 W');
        self::assertContains(
            Severity::Fix,
            array_map(fn (Finding $f): Severity => $f->severity, self::heat($one)),
            'it sticks on for minutes, and off it leaves nothing',
        );
        $together = $says(new Heater('Left', 400, 'one'), new Heater('Right', 400, 'one'));
        self::assertLessThanOrEqual(
            $two->figure('oneOffC')?->quantity->value,
            $together->figure('oneOffC')?->quantity->value,
            'on one switch they fail off together',
        );
    }

    #[Test]
    public function retiring_a_heater_never_improves_the_cold_night(): void
    {
        mt_srand(5);
        for ($n = 0; $n < 25; $n++) {
            $heaters = [];
            for ($i = 0, $count = mt_rand(1, 4); $i < $count; $i++) {
                $heaters[] = new Heater("H{$i}", mt_rand(5, 60) * 10, ['left', 'right', null][mt_rand(0, 2)]);
            }
            $all = $this->running(new OnRecord($heaters))->figure('oneOffC')?->quantity->value;
            unset($heaters[array_rand($heaters)]);
            $fewer = $this->running(new OnRecord(array_values($heaters)))->figure('oneOffC')?->quantity->value;
            self::assertLessThanOrEqual($all + 1e-9, $fewer);
        }
    }

    #[Test]
    public function no_heater_is_a_hazard_or_a_reasoned_answer_until_its_day(): void
    {
        $of = fn (?NoHeater $no): Severity => self::heat($this->running(new OnRecord([], noHeater: $no)))[0]->severity;
        self::assertSame(Severity::Fix, $of(null));
        self::assertSame(Severity::Watch, $of(new NoHeater('the hall is heated', 'the hall is open', false)));
        self::assertSame(
            Severity::Fix,
            $of(new NoHeater('the hall is heated', 'the hall is open', true)),
            'its day has passed',
        );
        self::assertSame(
            Severity::Fine,
            self::heat($this->running(new OnRecord([]), 24.0))[0]->severity,
            'a warm room needs none',
        );
    }

    #[Test]
    public function the_measured_volume_counts_where_there_is_one(): void
    {
        $computed = $this->running(new OnRecord([]))->figure('systemL')?->quantity->value ?? 0.0;
        $measured = $this->running(new OnRecord([], measuredL: 250.0));
        $system = $measured->figure('systemL')?->quantity->value;
        self::assertSame(250.0, $system);
        self::assertNotEqualsWithDelta(250.0, $computed, 1.0);
    }

    private function running(OnRecord $record, float $winterC = 15.0): PlanAnswers
    {
        return Plan::answer(SoundPlan::brief(['winterC' => $winterC])->onRecord($record));
    }

    /** @return list<Finding> */
    private static function heat(PlanAnswers $answers): array
    {
        return array_values(
            array_filter($answers->findings, fn (Finding $f): bool => in_array($f->rule, ['B-41', 'R-50'], true)),
        );
    }

    private static function about(PlanAnswers $answers, string $rule, string $about): Finding
    {
        foreach ($answers->findings as $finding) {
            if ($finding->rule === $rule && $finding->about === $about) {
                return $finding;
            }
        }
        self::fail("no {$rule} about {$about}: ".json_encode($answers->errors));
    }

    /** @param  array<string, int|string>  $values */
    private function floor(array $values): FloorLoad
    {
        $facts = Facts::of(SoundPlan::brief([...$values, 'floorType' => 'slab']));

        return FloorLoad::of($facts, PlanMass::of($facts));
    }
}
