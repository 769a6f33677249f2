<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Tests\Control\SimulationTest;

/** A sound set-up, one fact of it changed at a time, and one run for each fault there is. */
#[Group('beside')]
final class ControlRecordTest extends TestCase
{
    private const HOURS = 9;

    #[Test]
    public function what_is_said_of_a_set_up_is_as_it_was_whatever_fact_is_changed(): void
    {
        $input = self::inputs()['programme-check'][0];
        $now = ['as it is' => self::said($input)];
        foreach (self::leaves($input) as $path => $value) {
            $now["without {$path}"] = self::said(self::with($input, explode('/', $path), null));
            $other = match (true) {
                is_bool($value) => ! $value,
                is_int($value), is_float($value) => $value * 2,
                default => null,
            };
            if ($other !== null) {
                $now["{$path} otherwise"] = self::said(self::with($input, explode('/', $path), $other));
            }
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/set-ups.json.gz', $now), 0, 25));
    }

    #[Test]
    public function each_fault_runs_as_it_ran(): void
    {
        $input = self::inputs()['simulate'][0];
        $now = [];
        foreach (SimulationTest::faults() as $name => [$fault]) {
            [$json, $ok] = (new Desk())->ask('simulate', (string) json_encode([
                ...$input,
                'faults' => [$fault],
                'hours' => self::HOURS,
            ], JSON_PRESERVE_ZERO_FRACTION));
            self::assertTrue($ok, $json);
            $now[$name] = Record::flat(array_diff_key(json_decode($json, true), ['trace' => true]));
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/runs.json.gz', $now), 0, 25));
    }

    /** @return array<string, list<array<string, mixed>>> */
    private static function inputs(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/inputs.json'), true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<mixed>  $input
     * @return array<string, int|float|string|bool|null> each finding by its severity, rule and what it is about
     */
    private static function said(array $input): array
    {
        [$json] = (new Desk())->ask('programme-check', (string) json_encode($input, JSON_PRESERVE_ZERO_FRACTION));
        $answer = json_decode($json, true);
        if (isset($answer['error'])) {
            return ['refused' => $answer['error']['field']];
        }
        $said = [];
        foreach ([...$answer['findings'], ...$answer['objections']] as $finding) {
            $key = implode(' ', [$finding['severity'] ?? '', $finding['rule'] ?? '', $finding['about'] ?? '']);
            $said[$key] = ($said[$key] ?? 0) + 1;
        }

        return $said;
    }

    /**
     * @param  array<mixed>  $input
     * @return array<string, mixed> every fact by its path
     */
    private static function leaves(array $input, string $path = ''): array
    {
        $leaves = [];
        foreach ($input as $key => $value) {
            $at = $path === '' ? (string) $key : "{$path}/{$key}";
            $leaves += is_array($value) ? self::leaves($value, $at) : [$at => $value];
        }

        return $leaves;
    }

    /**
     * @param  array<mixed>  $input
     * @param  list<string>  $path
     * @return array<mixed> with that fact there; null: without it
     */
    private static function with(array $input, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if ($path !== []) {
            $input[$key] = self::with($input[$key], $path, $value);
        } elseif ($value === null) {
            unset($input[$key]);
        } else {
            $input[$key] = $value;
        }

        return $input;
    }
}
