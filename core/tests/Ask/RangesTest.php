<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;

/** The range a schema prints is the range that is held, in every question; no number breaks the desk. */
final class RangesTest extends TestCase
{
    /** Their schema prints no range of a number of their own. */
    private const OF_LISTS_AND_WORDS = ['due-list', 'fault-sheet', 'floor-load', 'ladder', 'light-survey', 'move-timetable', 'plan',
        'programme-check', 'readiness', 'running-year', 'stage-schedule', 'trial-effect'];

    /** @return iterable<string, array{0: string}> */
    public static function questions(): iterable
    {
        foreach (array_keys(Desk::QUESTIONS) as $name) {
            yield $name => [$name];
        }
    }

    #[Test]
    #[DataProvider('questions')]
    public function what_lies_outside_the_schema_is_refused_at_its_field(string $name): void
    {
        $tried = 0;
        foreach (self::variants($name) as $properties) {
            $base = self::plausible($properties);
            foreach ($properties as $field => $schema) {
                foreach (self::outside($schema) as $value) {
                    [$json, $ok] = (new Desk())->ask($name, (string) json_encode([...$base, $field => $value]));
                    self::assertFalse($ok, "{$name}.{$field} took {$value}");
                    self::assertSame($field, self::error($json)['field'], $json);
                    $tried++;
                }
            }
        }
        self::assertSame(in_array($name, self::OF_LISTS_AND_WORDS, true), $tried === 0);
    }

    #[Test]
    #[DataProvider('questions')]
    public function no_number_breaks_the_desk(string $name): void
    {
        self::assertNotSame('', Desk::lines()[$name]);
        foreach (self::variants($name) as $properties) {
            $base = self::plausible($properties);
            foreach ($properties as $field => $schema) {
                if (! in_array('number', (array) ($schema['type'] ?? ''), true)) {
                    continue;
                }
                foreach ([0.0, -1.0, 1e-300, 1e300, -1e300, PHP_INT_MAX] as $value) {
                    [$json, $ok] = (new Desk())->ask($name, (string) json_encode([...$base, $field => $value]));
                    self::assertIsArray(json_decode($json, true), "{$name}.{$field} = {$value}");
                    self::assertSame($ok, ! isset(json_decode($json, true)['error']));
                }
            }
        }
    }

    #[Test]
    public function an_overflowing_line_is_that_line_s_error_and_the_rest_is_answered(): void
    {
        $desk = new Desk();
        $lines = array_map($desk->line(...), [
            '{"question": "turnover", "input": {"flowLh": 3000, "volumeL": 0}}',
            '{"question": "mixing", "input": {"litres": 1e308, "mixGramsPerL": 1e308, "roRatedLd": 1, "roWaterC": 20, '.
            '"vesselL": 1, "mixHours": 1, "heatW": 1, "startC": 20, "targetC": 25}}',
            '{"question": "weir-head", "input": {"flowLh": 4000, "lengthMm": 300}}',
        ]);
        self::assertSame('volumeL', self::error($lines[0])['field']);
        self::assertNotSame('', self::error($lines[1])['message']);
        self::assertArrayHasKey('headMm', (array) json_decode($lines[2], true));
    }

    #[Test]
    public function a_surface_of_nothing_breathes_nothing_and_is_refused(): void
    {
        [$json, $ok] = (new Desk())->ask(
            'hours-in-hand',
            '{"volumeL": 400, "coldUaWK": 12, "hotUaWK": 10, "surfaceM2": 0, "footprintM2": 0.5, "heatersW": [300], '.
            '"roomC": 18, "setpointC": 25.5}',
        );
        self::assertFalse($ok);
        self::assertSame('surfaceM2', self::error($json)['field']);
    }

    /** @return array<string, string> */
    private static function error(string $json): array
    {
        return json_decode($json, true)['error'] ?? [];
    }

    /** @return list<array<string, array<string, mixed>>> properties of each form an input can take */
    public static function variants(string $name): array
    {
        $schema = (new Desk())->schema($name)['input'];

        return array_column($schema['oneOf'] ?? [$schema], 'properties');
    }

    /**
     * @param  array<string, array<string, mixed>>  $properties
     * @return array<string, mixed>
     */
    public static function plausible(array $properties): array
    {
        $base = [];
        foreach ($properties as $field => $schema) {
            $value = self::value($schema);
            if ($value !== null) {
                $base[$field] = $value;
            }
        }

        return $base;
    }

    /** @param  array<string, mixed>  $schema */
    private static function value(array $schema): mixed
    {
        $type = ((array) ($schema['type'] ?? 'any'))[0];

        return match (true) {
            isset($schema['const']) => $schema['const'],
            isset($schema['default']) => $schema['default'],
            isset($schema['enum']) => $schema['enum'][0],
            $type === 'number' => self::middle($schema),
            $type === 'boolean' => false,
            $type === 'string' => 'a',
            $type === 'object' => (object) [],
            $type === 'array' => [],
            default => null,
        };
    }

    /** @param  array<string, mixed>  $schema */
    private static function middle(array $schema): float
    {
        $low = $schema['minimum'] ?? ($schema['exclusiveMinimum'] ?? null);
        $high = $schema['maximum'] ?? ($schema['exclusiveMaximum'] ?? null);

        return match (true) {
            $low !== null && $high !== null => ($low + $high) / 2,
            $low !== null => $low + 10,
            $high !== null => $high - 10,
            default => 20.0,
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<float>
     */
    private static function outside(array $schema): array
    {
        return array_merge(
            isset($schema['minimum']) ? [$schema['minimum'] - 1e-6, -1e9] : [],
            isset($schema['exclusiveMinimum']) ? [$schema['exclusiveMinimum'], $schema['exclusiveMinimum'] - 1.0] : [],
            isset($schema['maximum']) ? [$schema['maximum'] + 1e-6, 1e12] : [],
            isset($schema['exclusiveMaximum']) ? [$schema['exclusiveMaximum']] : [],
        );
    }
}
