<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Hydraulics;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Hydraulics\DrainDown;
use Velbrin\Core\Hydraulics\GrainMotion;
use Velbrin\Core\Hydraulics\Pipe;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\VisitTime;
use Velbrin\Core\Tests\Refuses;
use Velbrin\Core\Tests\Turns;
use Velbrin\Core\Water\Hose;

/** The same as the published formulas give with a pencil. */
final class ByPublishedFormulasTest extends TestCase
{
    use Refuses;
    use Turns;

    #[Test]
    public function friction_is_laminar_below_two_thousand_three_hundred_and_swamee_jain_above(): void
    {
        $pipe = Pipe::of(25, 2, 1.5, 1e-6, 0.01);
        self::assertEqualsWithDelta(64 / 2000, $pipe->friction(0.08), 1e-9);
        $swameeJain = fn (float $reynolds): float => 0.25 / log10(0.01 / 25 / 3.7 + 5.74 / $reynolds ** 0.9) ** 2;
        self::assertEqualsWithDelta(64 / 2299, $pipe->friction(2299 * 1e-6 / 0.025), 1e-9);
        self::assertEqualsWithDelta($swameeJain(2301), $pipe->friction(2301 * 1e-6 / 0.025), 1e-9);
        $reynolds = 1.0 * 0.025 / 1e-6;
        $expected = $swameeJain($reynolds);
        self::assertEqualsWithDelta($expected, $pipe->friction(1.0), 1e-12);
        self::assertEqualsWithDelta((1.5 + $expected * 2 / 0.025) / (2 * 9.81), $pipe->lossM(1.0), 1e-3);
        self::assertSame(0.0, $pipe->friction(0.0));
        self::assertGreaterThan($pipe->friction(1.0), Pipe::of(25, 2, 1.5, 1e-6, 0.1)->friction(1.0), 'rough walls brake');
    }

    #[Test]
    public function a_hose_without_fall_brings_nothing_and_with_more_fall_more(): void
    {
        self::assertSame(0.0, Hose::flowLh(12, 3, 0));
        self::assertSame(2.0, VisitTime::waterMin(10), 'a bucket of ten litres where nobody has timed it');
        $last = 0.0;
        foreach ([0.2, 0.5, 1.0, 2.0] as $headM) {
            $flow = Hose::flowLh(12, 3, $headM);
            self::assertGreaterThan($last, $flow);
            $last = $flow;
            // Inlet and exit cost one and a half velocity heads, the wall the rest; together they take the fall.
            $pipe = Pipe::of(12, 3, 1.5);
            self::assertEqualsWithDelta($headM, $pipe->lossM($flow / 3.6e6 / $pipe->boreM2()), 1e-6);
        }
    }

    #[Test]
    public function an_edge_too_short_is_told_how_long_it_has_to_be(): void
    {
        foreach ([10_000, 200_000] as $flowLh) {
            $refused = fn (float $mm): ?OutOfRange => self::refusal(fn (): float => WeirHead::plainEdge($flowLh, $mm));
            $shortest = self::turning(fn (float $mm): bool => $refused($mm) === null, 900, 10);
            // There the head is a third of the length.
            self::assertEqualsWithDelta($flowLh, WeirHead::plainFlowLh($shortest / 3, $shortest), $flowLh / 1000);
            self::assertStringContainsString((string) (int) ceil($shortest - 0.02), (string) $refused($shortest - 1)?->allowed);
        }
    }

    #[Test]
    public function sand_begins_to_move_at_shields_threshold_carried_up_to_fifty_millimetres(): void
    {
        foreach ([0.5, 1.0, 2.0] as $mm) {
            $d = $mm / 1000;
            $size = $d * (9.81 * (2800 / 1025 - 1) / Pipe::VISCOSITY_M2S ** 2) ** (1 / 3);
            $shields = 0.3 / (1 + 1.2 * $size) + 0.055 * (1 - exp(-0.02 * $size));
            $stress = $shields * (2800 - 1025) * 9.81 * $d;
            self::assertEqualsWithDelta($stress, GrainMotion::thresholdPa($mm), 1e-9);
            self::assertEqualsWithDelta(sqrt($stress / 1025) / 0.4 * log(0.05 / ($d / 12)), GrainMotion::speedMs($mm), 1e-9);
        }
    }

    #[Test]
    public function what_comes_down_in_a_power_cut_stays_in_the_sump_or_is_told_by_the_litre(): void
    {
        // 0.6 m² of display, 20 mm over the weir: 12 L, and 3 L in the pipes; 0.3 m² of sump.
        $of = fn (float $levelMm): DrainDown => DrainDown::of(0.6, 20, 0, 3, 0.3, 400, $levelMm);
        $said = fn (DrainDown $down): array => [$down->finding()->severity, $down->finding()->what->code];
        self::assertSame([Severity::Fine, 'hydraulics.power-cut-leaves-spare'], $said($of(300)));
        self::assertSame([15.0, 30.0, 0.0], [$of(300)->downL, $of(300)->spareL, $of(300)->overflowL]);
        self::assertSame([Severity::Stop, 'hydraulics.power-cut-leaves-spare'], $said($of(349)), 'too little margin');
        self::assertSame([Severity::Stop, 'hydraulics.power-cut-puts-on-the-floor'], $said($of(360)));
        self::assertEqualsWithDelta(3.0, $of(360)->overflowL, 1e-9);
        $most = $of(360)->highestLevelMm;
        self::assertTrue($of($most - 0.01)->holds());
        self::assertFalse($of($most + 0.01)->holds());
        self::assertStringContainsString((string) (int) floor($most), (string) $of(360)->finding()->remedy?->in(Units::metric()));
        $small = DrainDown::of(6, 20, 0, 3, 0.3, 400, 300);
        self::assertSame('hydraulics.a-larger-sump', $small->finding()->remedy?->code, 'no level would do');
    }
}
