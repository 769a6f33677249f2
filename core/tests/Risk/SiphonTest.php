<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\DosedWater;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Phrase;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Scene;
use Velbrin\Core\Risk\Standing\Scenes;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Tests\Control\CheckerTest;

/** A dosing line that can siphon (C-58, R-2): no relay and no guard stops it, and its vessel ends it. */
final class SiphonTest extends TestCase
{
    /** @return iterable<string, array{?float, ?bool, ?bool}> above, break, can */
    public static function lines(): iterable
    {
        yield 'higher, without a break' => [0.1, false, true];
        yield 'as high as its end' => [0.0, false, false];
        yield 'lower' => [-300.0, null, false];
        yield 'higher, with a break' => [500.0, true, false];
        yield 'a break, and nobody has looked how high' => [null, true, false];
        yield 'higher, and nobody has looked for a break' => [500.0, null, null];
        yield 'no break, and nobody has looked how high' => [null, false, null];
        yield 'nobody has looked' => [null, null, null];
    }

    #[Test]
    #[DataProvider('lines')]
    public function what_falls_all_the_way_without_air_can_siphon(?float $aboveMm, ?bool $hasBreak, ?bool $can): void
    {
        self::assertSame($can, (new DoserLine($aboveMm, $hasBreak))->canSiphon());
    }

    #[Test]
    public function a_thin_line_runs_as_the_laminar_law_says_and_faster_from_higher(): void
    {
        // v² + 64·ν·L/D²·v = 2·g·h, the one being the exit: 2 mm, 2 m, 100 mm down.
        $friction = (64 * 0.95e-6 * 2.0) / 0.002 ** 2;
        $v = (-$friction + sqrt($friction ** 2 + 4 * 2 * 9.81 * 0.1)) / 2;
        $line = fn (float $mm): ?float => (new DoserLine($mm, false, 2.0, 2.0))->siphonMlMin();
        self::assertEqualsWithDelta(($v * M_PI * 0.001 ** 2) * 60e6, $line(100), 0.01);
        self::assertGreaterThan($line(100), $line(101));
        self::assertSame(0.0, $line(0));
        self::assertSame(0.0, (new DoserLine(100, true, 2.0, 2.0))->siphonMlMin());
        foreach ([[null, 2.0, 2.0], [100.0, null, 2.0], [100.0, 2.0, null]] as [$above, $bore, $length]) {
            self::assertNull((new DoserLine($above, false, $bore, $length))->siphonMlMin());
        }
    }

    #[Test]
    public function its_vessel_ends_it_and_what_nobody_measured_leaves_no_more(): void
    {
        // 4 dKH of 600 L are 857 meq, so 286 mL of 3 meq; through 2 mm from 100 mm that takes 23 minutes.
        $line = new DoserLine(100, false, 2.0, 2.0);
        $harm = self::dose($line)->siphons();
        self::assertEqualsWithDelta(4 / 2.8 * 600 / 3 / (float) $line->siphonMlMin() / 60, $harm->hours, 1e-9);
        self::assertSame([], $harm->needs);
        self::assertNull(self::dose($line, holdsMl: 285)->siphons()->hours, 'too little in it');
        self::assertNotNull(self::dose($line, holdsMl: 286)->siphons()->hours);
        $tube = self::dose(new DoserLine(100, false))->siphons();
        self::assertSame(['the bore and the length of the line of Alkalinity'], $tube->needs);
        self::assertLessThan($harm->hours, $tube->hours);
        self::assertSame(['whether the line of Alkalinity can siphon'], self::dose(new DoserLine())->siphons()->needs);
        // 50 mL a minute run on take 5.7 min; a siphon through a wide tube is sooner, one through a thin tube later.
        self::assertSame(self::dose($line)->harm()->hours, self::dose($line)->soonest()->hours);
        $wide = self::dose(new DoserLine(800, false, 6.0, 1.0));
        self::assertLessThan($wide->harm()->hours, $wide->soonest()->hours);
        $barred = self::dose(new DoserLine(-1, null, 6.0, 1.0));
        self::assertSame($barred->harm()->hours, $barred->soonest()->hours);
        self::assertLessThan($barred->soonest()->hours, self::dose(new DoserLine())->soonest()->hours, 'nobody looked: it may');
    }

    #[Test]
    public function it_counts_where_it_can_perhaps_where_nobody_looked_and_not_where_it_cannot(): void
    {
        $rate = fn (DoserLine $line): array => array_map(
            fn (Scene $s): array => [$s->rate->low, $s->rate->likely, $s->rate->high],
            array_values(array_filter(self::scenes($line), fn (Scene $s): bool => str_contains($s->fault->name, 'siphons'))),
        )[0];
        self::assertSame([0.02, 0.02, 0.02], $rate(new DoserLine(100, false)));
        self::assertSame([0.0, 0.01, 0.02], $rate(new DoserLine(100)));
        self::assertCount(2, self::scenes(new DoserLine(-100)), 'it runs on, or is filled wrongly');
    }

    #[Test]
    public function a_guard_helps_against_a_wrong_vessel_not_against_its_own_relay_nor_a_siphon(): void
    {
        $guards = fn (string $outlet): array => array_map(
            fn (Scene $s): array => array_map(
                fn (Layer $l): string => $l->id,
                array_values(array_filter($s->layers, fn (Layer $l): bool => $l->kind === LayerKind::CutOut)),
            ),
            self::scenes(new DoserLine(100, false), $outlet),
        );
        // It runs on (the guard is looked at, and hangs on the relay that welded); a wrong vessel; a siphon.
        self::assertSame([['guard-acid'], ['guard-acid'], []], $guards('alk'));
        self::assertSame([[], [], []], $guards('topoff'), 'a guard on something else leaves this head running');
        [$runsOn, $wrong] = self::scenes(new DoserLine(100, false));
        $guard = $wrong->layers[0];
        self::assertSame(['relay:alk'], $guard->hangs->shares($runsOn->fault->hangs));
        self::assertSame([], $guard->hangs->shares($wrong->fault->hangs));
    }

    #[Test]
    public function a_set_up_says_so_and_how_high(): void
    {
        $sound = CheckerTest::sound();
        $sound['outlets'][7]['hung'] = ['vesselAboveMm' => 800, 'lineBreak' => false] + $sound['outlets'][7]['hung'];
        $found = Checker::check(SetupReader::read($sound));
        self::assertSame([Severity::Fix], array_map(fn (Finding $f): Severity => $f->severity, $found));
        self::assertMatchesRegularExpression('/ 800\Smm| 800\smm/u', $found[0]->what->in(Units::metric()));
    }

    #[Test]
    public function what_closes_the_gap_names_the_vessel_that_stands_too_high(): void
    {
        $names = function (Dose ...$doses): bool {
            $moment = Worlds::moment(21.0, [], new Waterside(doses: $doses));
            $found = HoursInHand::of(Hazard::Overdose, $moment->tank, $moment->alarms, $moment->place);

            return str_contains(json_encode($found, JSON_THROW_ON_ERROR), Phrase::VesselsLower->value);
        };
        $falls = new DoserLine(640, false, 3.0, 1.4);
        self::assertTrue($names(self::dose($falls)));
        self::assertTrue($names(self::dose(new DoserLine(-100)), self::dose($falls)));
        self::assertFalse($names(self::dose(new DoserLine(-100))));
        self::assertFalse($names(self::dose(new DoserLine())), 'nobody has looked');
        $brine = new Dose('Calcium', 600, Liquid::Calcium, 3.0, 5000, 50, line: $falls);
        self::assertFalse($names(self::dose(new DoserLine(-100)), $brine), 'what raises no alkalinity');
    }

    private static function dose(DoserLine $line, float $holdsMl = 5000): Dose
    {
        return new Dose('Alkalinity', 600, Liquid::Carbonate, 3.0, $holdsMl, 50, line: $line, water: new DosedWater(8.4, 8.2));
    }

    /** @return list<Scene> */
    private static function scenes(DoserLine $line, string $guarded = 'alk'): array
    {
        $sound = CheckerTest::sound();
        $sound['probes'][] = ['id' => 'ph', 'quantity' => 'ph', 'resolution' => 0.01, 'overdueDays' => -30];
        $sound['guards'] = [['id' => 'acid', 'outlet' => $guarded, 'when' => [['probe' => 'ph', 'above' => 8.6]]] + $sound['guards'][0]];
        $sound['outlets'][6]['hung']['job'] = 'doser';
        $device = new Device('d', 'Alkalinity', Job::Doser, ageYears: 2.0, outlet: 'alk');

        return Scenes::of(
            Hazard::Overdose,
            new Standing(devices: [$device], setUps: ['c1' => SetupReader::read($sound)], systemYears: 4.0),
            Worlds::moment(8.0, [], new Waterside(doses: [self::dose($line)])),
            Rates::assumed(),
        );
    }
}
