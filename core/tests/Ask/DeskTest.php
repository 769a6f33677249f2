<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;

/** What the desk refuses, and how it says so; and the command in front of it. */
final class DeskTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: string, 2: string}> */
    public static function refusals(): iterable
    {
        yield 'broken JSON' => ['seawater', '{"salinity": 35,', 'input'];
        yield 'a list' => ['seawater', '[35, 25]', 'input'];
        yield 'a bare number' => ['seawater', '35', 'input'];
        yield 'an unknown question' => ['rainwater', '{}', 'question'];
        yield 'a missing field' => ['seawater', '{"salinity": 35}', 'tempC'];
        yield 'an unknown field' => ['seawater', '{"salinity": 35, "tempC": 25, "depth": 3}', 'depth'];
        yield 'a number as text' => ['seawater', '{"salinity": "35", "tempC": 25}', 'salinity'];
        yield 'a number beyond holding' => ['seawater', '{"salinity": 1e999, "tempC": 25}', 'salinity'];
        yield 'null' => ['seawater', '{"salinity": null, "tempC": 25}', 'salinity'];
        yield 'out of range' => ['seawater', '{"salinity": 43, "tempC": 25}', 'salinity'];
        yield 'a field of another shape' => [
            'vessel-volume',
            '{"shape": "cylinder", "diameterMm": 500, "heightMm": 500, "lengthMm": 3}',
            'lengthMm',
        ];
        yield 'an unknown shape' => ['vessel-volume', '{"shape": "sphere", "heightMm": 500}', 'shape'];
        yield 'nothing left inside' => [
            'vessel-volume',
            '{"shape": "rectangular", "lengthMm": 100, "widthMm": 100, "heightMm": 100, "wallMm": 50}',
            'wallMm',
        ];
        yield 'sand above the water' => [
            'vessel-volume',
            '{"shape": "rectangular", "lengthMm": 500, "widthMm": 500, "heightMm": 100, "sandDepthMm": 101}',
            'sandDepthMm',
        ];
        yield 'only rock' => [
            'vessel-volume',
            '{"shape": "rectangular", "lengthMm": 500, "widthMm": 500, "heightMm": 100, "rockKg": 900}',
            'rockKg',
        ];
        yield 'a weir too short' => ['weir-head', '{"flowLh": 40000, "lengthMm": 100}', 'lengthMm'];
        yield 'a long rimless pane' => [
            'panel-stress',
            '{"lengthMm": 1300, "waterHeightMm": 500, "thicknessMm": 12}',
            'lengthMm',
        ];
        yield 'a level at the rim' => [
            'drain-down',
            '{"displayAreaM2": 1, "weirHeadMm": 1, "outletDepthMm": 1, "pipesL": 1, "sumpAreaM2": 1, "sumpRimMm": 400, "sumpLevelMm": 400}',
            'sumpLevelMm',
        ];
        yield 'a change larger than the system' => [
            'water-change',
            '{"systemL": 100, "changesL": [101], "water": {}, "fresh": {}}',
            'changesL',
        ];
        yield 'different keys' => [
            'water-change',
            '{"systemL": 100, "changesL": [10], "water": {"a": 1}, "fresh": {"b": 1}}',
            'fresh',
        ];
        yield 'warming without a heater' => [
            'mixing',
            '{"litres": 10, "mixGramsPerL": 38, "roRatedLd": 100, "roWaterC": 12, "vesselL": 50, "mixHours": 1, '.
            '"heatW": 0, "startC": 10, "targetC": 25}',
            'heatW',
        ];
        yield 'a whole change and more' => [
            'change-plan',
            '{"systemL": 100, "now": 20, "fresh": 0, "target": 10, "maxFraction": 1.2}',
            'maxFraction',
        ];
        yield 'a plan fact that cannot be' => ['plan', '{"values": {"heightMm": -4}}', 'heightMm'];
    }

    #[Test]
    #[DataProvider('refusals')]
    public function it_refuses(string $question, string $json, string $field): void
    {
        [$answer, $ok] = (new Desk())->ask($question, $json);
        $error = json_decode($answer, true)['error'] ?? [];

        self::assertFalse($ok);
        self::assertSame($field, $error['field']);
        self::assertNotSame('', $error['message']);
        self::assertNotSame('', $error['allowed']);
    }

    #[Test]
    public function the_command_answers_refuses_lists_and_keeps_a_batch_in_order(): void
    {
        [$out, $code] = self::velbrin('seawater', '{"salinity":35,"tempC":25}');
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(1023.343, json_decode($out, true)['densityKgM3'], 0.001);

        [$out, $code] = self::velbrin('seawater', '{"salinity":99,"tempC":25}');
        self::assertSame(2, $code);
        self::assertSame('salinity', json_decode($out, true)['error']['field']);

        [$out] = self::velbrin('--list', '');
        self::assertSame(count(Desk::QUESTIONS), substr_count($out, "\n"));

        [$out, $code] = self::velbrin(
            '--batch',
            implode("\n", [
                '{"question":"weir-head","input":{"flowLh":4000,"lengthMm":300}}',
                '',
                'nonsense',
                '{"question":"weir-head","input":{"flowLh":0,"lengthMm":300}}',
                '{"question":"none","input":{}}',
                '{"question":"seawater"}',
            ]),
        );
        $lines = array_map(fn (string $l): array => json_decode($l, true), explode("\n", trim($out)));
        self::assertSame(0, $code);
        self::assertCount(5, $lines);
        self::assertEqualsWithDelta(16.057, $lines[0]['headMm'], 0.001);
        self::assertSame('input', $lines[1]['error']['field']);
        self::assertEqualsWithDelta(0, $lines[2]['headMm'], 1e-6);
        self::assertSame('question', $lines[3]['error']['field']);
        self::assertSame('input', $lines[4]['error']['field']);
    }

    /** @return array{0: string, 1: int} */
    private static function velbrin(string $word, string $input): array
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 3).'/bin/velbrin', 'ask', $word],
            [['pipe', 'r'], ['pipe', 'w'], STDERR],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);

        return [$out, proc_close($process)];
    }
}
