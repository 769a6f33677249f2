<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Trade;
use Velbrin\Core\Build\TradeSheet;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

final class TradeSheetTest extends TestCase
{
    #[Test]
    public function a_sheet_carries_facts_answers_and_what_is_still_open(): void
    {
        $brief = PlanBrief::read([
            'values' => [
                'lengthMm' => 1200,
                'widthMm' => 600,
                'heightMm' => 550,
                'standHeightMm' => 850,
                'doorFromLeftMm' => 'none',
            ],
        ]);
        $answers = Plan::answer($brief);
        $lines = TradeSheet::lines(Trade::Carpenter, $brief, $answers);

        self::assertInstanceOf(Quantity::class, $lines['standHeightMm']['value']);
        self::assertSame(850.0, $lines['standHeightMm']['value']->value);
        self::assertSame('none', $lines['doorFromLeftMm']['value']);
        self::assertNull($lines['doorWidthMm']['value'], 'nobody has said it: it stays open on the sheet');
        self::assertArrayNotHasKey('diameterMm', $lines, 'this tank has none');
        self::assertSame(
            $answers->figure('massKg')?->quantity?->value,
            $lines['figure-massKg']['value']->value ?? null,
        );
    }

    #[Test]
    public function every_trade_gets_lines_and_cautions(): void
    {
        $brief = PlanBrief::read(['values' => []]);
        foreach (Trade::cases() as $trade) {
            self::assertGreaterThan(10, count(TradeSheet::lines($trade, $brief, Plan::answer($brief))), $trade->value);
            self::assertGreaterThan(2, count($trade->cautions()));
        }
    }

    #[Test]
    public function the_electrician_reads_every_plug_with_its_circuit(): void
    {
        $brief = PlanBrief::read([
            'values' => [],
            'loads' => [
                ['name' => 'heater 1', 'kind' => 'heater', 'watts' => 300, 'circuit' => 1, 'strip' => 2, 'dry' => true],
                ['name' => '', 'kind' => 'light', 'watts' => 90, 'circuit' => 2, 'dry' => true],
            ],
        ]);
        $lines = TradeSheet::lines(Trade::Electrician, $brief, Plan::answer($brief));
        self::assertSame(
            ['Plug, heater 1: circuit 1, strip 2', 'Plug, Device 2: circuit 2'],
            [$lines['plug-0']['label'], $lines['plug-1']['label']],
        );
        self::assertEquals(Quantity::of(300, Kind::Power), $lines['plug-0']['value']);
        self::assertArrayNotHasKey('plug-0', TradeSheet::lines(Trade::Plumber, $brief, Plan::answer($brief)));
    }
}
