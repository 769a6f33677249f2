<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Risk\Layer\Chain;
use Velbrin\Core\Risk\Layer\Defence;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Initiator;
use Velbrin\Core\Risk\Layer\Kin;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Layer\Refused;
use Velbrin\Core\Risk\Rate\Corner;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;

/** Layers of protection worked by hand: what counts, what is shared, what stands against it together (R-24, R-54 … R-60). */
final class DefenceTest extends TestCase
{
    private const LOSS = 8000.0;

    /** A heater three years old that sticks on, times a year. */
    private const RATE = 0.0763;

    #[Test]
    public function a_cut_out_and_one_chain_leave_sixteen_a_year(): void
    {
        $chain = Chain::fails([0.1, 0.1, 0.1]);
        self::assertEqualsWithDelta(0.271, $chain, 1e-9);
        $fails = self::fails([self::layer('cut-out', 0.1), self::layer('chain', $chain)]);
        self::assertEqualsWithDelta(16.5, self::LOSS * self::RATE * $fails, 0.05);
        $asFour = self::fails([
            self::layer('cut-out', 0.1),
            self::layer('alarm', 0.1),
            self::layer('call', 0.1),
            self::layer('person', 0.1),
        ]);
        self::assertEqualsWithDelta(0.06, self::LOSS * self::RATE * $asFour, 0.002, 'counted as four it would flatter');
    }

    #[Test]
    public function both_on_one_probe_unproved_for_a_year_cost_seven_times_as_much(): void
    {
        $probe = Hangs::onNothing()->on(Part::Probe, 'p1');
        $layers = [self::layer('cut-out', 0.1, $probe), self::layer('chain', 0.271, $probe)];
        $fails = self::fails($layers, dead: ['probe:p1' => 0.162]);
        self::assertEqualsWithDelta(112.8, self::LOSS * self::RATE * $fails, 0.2);
        $apart = [
            self::layer('cut-out', 0.1, $probe),
            self::layer('chain', 0.271, Hangs::onNothing()->on(Part::Probe, 'p2')),
        ];
        $each = fn (float $own): float => 0.162 + 0.838 * $own;
        $fails = self::fails($apart, dead: ['probe:p1' => 0.162, 'probe:p2' => 0.162]);
        self::assertEqualsWithDelta($each(0.1) * $each(0.271), $fails, 1e-9, 'two probes, each unproved');
    }

    /** @return iterable<string, array{0: Part}> */
    public static function parts(): iterable
    {
        foreach (Part::cases() as $part) {
            yield $part->label() => [$part];
        }
    }

    #[Test]
    #[DataProvider('parts')]
    public function what_hangs_on_the_part_that_failed_is_no_protection(Part $part): void
    {
        $on = Hangs::onNothing()->on($part, 'x');
        $defence = self::defence([self::layer('guard', 0.1, $on)], faultHangs: $on);
        self::assertSame(1.0, $defence->fails);
        self::assertSame(Refused::SharesFault, $defence->credits[0]->refused);
        $other = Hangs::onNothing()->on($part, 'y');
        self::assertEqualsWithDelta(0.1, self::fails([self::layer('guard', 0.1, $on)], faultHangs: $other), 1e-12);
    }

    #[Test]
    #[DataProvider('parts')]
    public function two_that_hang_on_one_part_fail_with_it_and_two_on_two_parts_do_not(Part $part): void
    {
        $one = Hangs::onNothing()->on($part, 'x');
        $other = Hangs::onNothing()->on($part, 'y');
        $dead = ["{$part->value}:x" => 0.2, "{$part->value}:y" => 0.2];
        $shared = self::fails([self::layer('a', 0.1, $one), self::layer('b', 0.1, $one)], dead: $dead);
        $apart = self::fails([self::layer('a', 0.1, $one), self::layer('b', 0.1, $other)], dead: $dead);
        self::assertEqualsWithDelta(0.2 + 0.8 * 0.01, $shared, 1e-12);
        self::assertEqualsWithDelta(0.28 ** 2, $apart, 1e-12);
    }

    #[Test]
    public function what_nobody_wrote_down_may_be_the_same_and_the_worse_stands(): void
    {
        $said = Hangs::onNothing()->on(Part::Strip, 's1');
        $unsaid = Hangs::onNothing()->on(Part::Strip, null);
        $fails = fn (Corner $corner): Defence => self::defence(
            [self::layer('guard', 0.1, $unsaid)],
            faultHangs: $said,
            corner: $corner,
        );
        self::assertEqualsWithDelta(0.1, $fails(Corner::Low)->fails, 1e-12);
        self::assertSame(1.0, $fails(Corner::High)->fails);
        self::assertSame(Refused::MayShareFault, $fails(Corner::High)->credits[0]->refused);
        self::assertSame(['strip'], $fails(Corner::High)->credits[0]->mayShare);
        $between = [self::layer('a', 0.1, $unsaid), self::layer('b', 0.1, $said)];
        self::assertEqualsWithDelta(0.01, self::fails($between, corner: Corner::Low), 1e-12);
        $own = 1 - (1 - 0.1) / (1 - 0.01);
        self::assertEqualsWithDelta(0.01 + 0.99 * $own ** 2, self::fails($between, corner: Corner::High), 1e-3);
        self::assertGreaterThan(0.017, self::fails($between, corner: Corner::High));
    }

    #[Test]
    public function a_thing_that_hangs_on_no_strip_shares_none(): void
    {
        $unsaid = Hangs::onNothing()->on(Part::Strip, null);
        self::assertSame([], $unsaid->mayShare(Hangs::onNothing()->on(Part::Probe, 'p')));
        self::assertSame(['strip'], $unsaid->mayShare($unsaid));
    }

    #[Test]
    public function kin_fail_together_in_a_share_of_cases_and_twins_more_often(): void
    {
        $pair = fn (?float $age): float => self::fails([
            self::layer('a', 0.1, kin: new Kin('heater', 1.0, 25.0)),
            self::layer('b', 0.1, kin: new Kin('heater', $age, 25.0)),
        ]);
        self::assertEqualsWithDelta(0.3 * 0.1 + 0.7 * 0.01, $pair(1.25), 1e-12, 'within three months');
        self::assertEqualsWithDelta(0.1 * 0.1 + 0.9 * 0.01, $pair(1.26), 1e-12, 'older');
        self::assertEqualsWithDelta($pair(1.0), $pair(null), 1e-12, 'an age nobody knows may be the same');
    }

    #[Test]
    public function kinship_with_what_failed_counts_too(): void
    {
        $kin = new Kin('heater', 1.0);
        $fails = self::fails([self::layer('standby', 0.1, kin: $kin)], faultKin: $kin);
        self::assertEqualsWithDelta(0.3 + 0.7 * 0.1, $fails, 1e-12);
        self::assertEqualsWithDelta(0.1, self::fails([self::layer('standby', 0.1, kin: new Kin('pump', 1.0))], faultKin: $kin), 1e-12);
    }

    /** @return iterable<string, array{0: float|null, 1: float|null, 2: Refused|null}> acts, harm, why not */
    public static function times(): iterable
    {
        yield 'as the harm begins' => [4.0, 4.0, null];
        yield 'a little later' => [4.001, 4.0, Refused::TooLate];
        yield 'never' => [null, 4.0, Refused::Never];
        yield 'where no harm comes' => [400.0, null, null];
    }

    #[Test]
    #[DataProvider('times')]
    public function it_counts_only_if_it_has_acted_before_the_harm(?float $acts, ?float $harm, ?Refused $refused): void
    {
        $layer = new Layer('a', 'a', LayerKind::CutOut, Span::sure(0.1), Hangs::onNothing(), $acts);
        $defence = Defence::of(new Initiator('fault', Hangs::onNothing()), [$layer], $harm, [], Rates::assumed());
        self::assertSame($refused, $defence->credits[0]->refused);
    }

    #[Test]
    public function what_is_away_is_not_there(): void
    {
        $away = new Layer('a', 'a', LayerKind::Standby, Span::sure(0.1), Hangs::onNothing(), 0.0, outOf: 'away');
        $defence = Defence::of(new Initiator('fault', Hangs::onNothing()), [$away], 4.0, [], Rates::assumed());
        self::assertSame([1.0, Refused::Out], [$defence->fails, $defence->credits[0]->refused]);
    }

    #[Test]
    public function a_protection_more_never_raises_the_chance(): void
    {
        mt_srand(20);
        for ($n = 0; $n < 400; $n++) {
            $layers = [];
            for ($i = mt_rand(1, 5); $i > 0; $i--) {
                $layers[] = self::anyLayer($i);
            }
            $corner = [Corner::Low, Corner::Likely, Corner::High][$n % 3];
            $without = self::fails($layers, corner: $corner);
            $with = self::fails([...$layers, self::anyLayer(9)], corner: $corner);
            self::assertLessThanOrEqual($without + 1e-12, $with, "world {$n}");
            self::assertGreaterThanOrEqual(0.0, $with);
            self::assertLessThanOrEqual(self::fails($layers, corner: Corner::High) + 1e-12, self::fails($layers, corner: Corner::Low));
        }
    }

    #[Test]
    public function many_shared_parts_are_bounded_by_the_surest_single_protection(): void
    {
        $hangs = Hangs::onNothing();
        for ($i = 0; $i < 13; $i++) {
            $hangs = $hangs->on(Part::Probe, "p{$i}");
        }
        $dead = array_fill_keys($hangs->all(), 0.01);
        $fails = self::fails([self::layer('a', 0.1, $hangs), self::layer('b', 0.2, $hangs)], dead: $dead);
        self::assertEqualsWithDelta(1 - 0.9 * 0.99 ** 13, $fails, 1e-12);
    }

    #[Test]
    public function nothing_against_it_is_no_defence(): void
    {
        self::assertSame(1.0, self::fails([]));
        self::assertSame(0.0, Chain::fails([]), 'a chain without links cannot break');
    }

    private static function anyLayer(int $i): Layer
    {
        $hangs = Hangs::onNothing();
        foreach ([Part::Probe, Part::Controller, Part::Strip] as $part) {
            $hangs = match (mt_rand(0, 3)) {
                0 => $hangs->on($part, (string) mt_rand(1, 2)),
                1 => $hangs->on($part, null),
                default => $hangs,
            };
        }
        $kin = mt_rand(0, 1) === 1 ? new Kin('heater', (float) mt_rand(0, 2)) : null;

        return self::layer("l{$i}", mt_rand(1, 90) / 100, $hangs, $kin);
    }

    private static function layer(string $id, float $fails, ?Hangs $hangs = null, ?Kin $kin = null): Layer
    {
        return new Layer($id, $id, LayerKind::CutOut, Span::sure($fails), $hangs ?? Hangs::onNothing(), 0.0, $kin);
    }

    /**
     * @param  list<Layer>  $layers
     * @param  array<string, float>  $dead
     */
    private static function fails(
        array $layers,
        ?Hangs $faultHangs = null,
        ?Kin $faultKin = null,
        array $dead = [],
        Corner $corner = Corner::Likely,
    ): float {
        return self::defence($layers, $faultHangs, $faultKin, $dead, $corner)->fails;
    }

    /**
     * @param  list<Layer>  $layers
     * @param  array<string, float>  $dead
     */
    private static function defence(
        array $layers,
        ?Hangs $faultHangs = null,
        ?Kin $faultKin = null,
        array $dead = [],
        Corner $corner = Corner::Likely,
    ): Defence {
        $fault = new Initiator('fault', $faultHangs ?? Hangs::onNothing(), $faultKin);

        return Defence::of($fault, $layers, 10.0, $dead, Rates::assumed(), $corner);
    }
}
