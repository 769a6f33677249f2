<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Control\Programme\SetupSchema;
use Velbrin\Core\Measure\OutOfRange;

/** What is published of a set-up is what is read: the same documents are taken, the same are refused. */
#[Group('beside')]
final class SetupSchemaTest extends TestCase
{
    /** @return array<string, mixed> a set-up in which every key there is stands once at least */
    private static function whole(): array
    {
        $all = CheckerTest::sound();
        $all['names'] = ['t1' => 'sump probe'];
        $all['facts'] += ['isSummer' => true, 'hasClock' => true];
        $all['probes'][0]['drift'] = 0.1;
        $all['outlets'][0] += ['minimumOnS' => 60, 'maximumOnS' => 9000, 'afterMaximum' => 'rest', 'restS' => 60, 'override' => 'nobody'];
        $all['outlets'][0]['hung'] += ['testedDaysAgo' => 3, 'doses' => 'carbonate', 'fillsL' => 25, 'spillTakesL' => 10,
            'vesselAboveMm' => -20, 'lineBreak' => true, 'lineBoreMm' => 3, 'lineLengthM' => 1.5];
        $all['outlets'][6]['rule']['store'] = 'store';
        $all['outlets'][5]['rule'] += ['inverse' => false, 'offDelayS' => 3];
        $points = [['minute' => 600, 'level' => 'on'], ['minute' => 1200, 'level' => 0.4]];
        $more = fn (string $id, array $rule, array $more = []): array => [
            'id' => $id,
            'place' => $id,
            'rule' => $rule,
            'lostLink' => 0.5,
        ] + $more;
        $day = ['kind' => 'day', 'points' => $points, 'ramp' => true];
        $all['outlets'][] = $more('lamp', $day, ['comesBack' => 'plan', 'reversed' => true]);
        $all['outlets'][] = $more('mixer', ['kind' => 'timed-run', 's' => 600]);
        $all['outlets'][] = $more('spare', ['kind' => 'off']);
        $all['guards'][0]['clears'] = ['probe' => 't1', 'below' => 26.0];
        $all['guards'][0]['when'][] = ['switch' => 'floor', 'closed' => true];
        $other = fn (string $id, array $when, array $clears): array => ['id' => $id, 'when' => [$when], 'clears' => $clears]
            + $all['guards'][0];
        $all['guards'][] = $other('cold', ['probe' => 't1', 'below' => 20], ['probe' => 't1', 'above' => 24]);
        $all['guards'][] = $other('wet', ['switch' => 'floor'], ['switch' => 'floor', 'closed' => false]);
        $all['alarms'][0] += ['message' => 'Look.', 'ratePerH' => 0.5, 'frozen' => false, 'delayS' => 60];
        $all['alarms'][5]['mostW'] = 200;
        $all['alarms'][3]['closed'] = true;

        return $all;
    }

    private static function isTaken(mixed $document): bool
    {
        try {
            SetupReader::read($document);
        } catch (OutOfRange) {
            return false;
        }

        return true;
    }

    /** @return array<string, mixed> built once */
    private static function schema(): array
    {
        static $schema = null;

        return $schema ??= SetupSchema::json();
    }

    /** Whether a schema, in the words this one uses, takes a value. */
    private static function fits(mixed $value, array $schema): bool
    {
        foreach ($schema as $word => $says) {
            $holds = match ($word) {
                'type' => self::isA($value, $says),
                'const' => $value === $says,
                'enum' => in_array($value, $says, true),
                'minimum' => ! self::isA($value, 'number') || $value >= $says,
                'maximum' => ! self::isA($value, 'number') || $value <= $says,
                'exclusiveMinimum' => ! self::isA($value, 'number') || $value > $says,
                'minLength' => ! is_string($value) || mb_strlen($value) >= $says,
                'minItems' => ! self::isA($value, 'array') || count($value) >= $says,
                'maxItems' => ! self::isA($value, 'array') || count($value) <= $says,
                'items' => ! self::isA($value, 'array') || self::allFit($value, array_fill_keys(array_keys($value), $says)),
                'oneOf' => self::fitting($value, $says) === 1,
                'anyOf' => self::fitting($value, $says) > 0,
                'required' => ! self::isA($value, 'object') || array_diff_key(array_flip($says), $value) === [],
                'properties' => ! self::isA($value, 'object') || self::allFit($value, array_intersect_key($says, $value)),
                'additionalProperties' => ! self::isA($value, 'object') || self::othersFit($value, $schema['properties'] ?? [], $says),
                'description' => true,
            };
            if (! $holds) {
                return false;
            }
        }

        return true;
    }

    private static function isA(mixed $value, string $type): bool
    {
        return match ($type) {
            'string' => is_string($value),
            'number' => is_int($value) || is_float($value),
            'boolean' => is_bool($value),
            'null' => $value === null,
            'object' => is_array($value) && ($value === [] || ! array_is_list($value)),
            'array' => is_array($value) && array_is_list($value),
        };
    }

    private static function fitting(mixed $value, array $schemas): int
    {
        $fitting = 0;
        foreach ($schemas as $schema) {
            $fitting += self::fits($value, $schema) ? 1 : 0;
        }

        return $fitting;
    }

    /** @param  array<array-key, array<string, mixed>>  $schemas  by key of the value */
    private static function allFit(array $value, array $schemas): bool
    {
        foreach ($schemas as $key => $schema) {
            if (! self::fits($value[$key], $schema)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, mixed>|false  $schema  of what is not among the properties; false: there is none */
    private static function othersFit(array $value, array $properties, array|false $schema): bool
    {
        $others = array_diff_key($value, $properties);

        return $schema === false ? $others === [] : self::allFit($others, array_fill_keys(array_keys($others), $schema));
    }

    /** @return iterable<string, array{list<string|int>}> each place of the whole document */
    public static function places(): iterable
    {
        $walk = function (mixed $value, array $path) use (&$walk): iterable {
            foreach (is_array($value) ? $value : [] as $key => $one) {
                yield implode('.', [...$path, $key]) => [[...$path, $key]];
                yield from $walk($one, [...$path, $key]);
            }
        };
        yield from $walk(self::whole(), []);
    }

    /** @param  list<string|int>  $path */
    private static function with(array $document, array $path, ?\Closure $change): array
    {
        $at = &$document;
        $last = array_pop($path);
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        if ($change === null) {
            unset($at[$last]);
            $at = is_int($last) ? array_values($at) : $at;
        } else {
            $at[$last] = $change($at[$last]);
        }

        return $document;
    }

    #[Test]
    public function the_whole_is_taken_by_both(): void
    {
        SetupReader::read(self::whole());
        self::assertTrue(self::fits(self::whole(), self::schema()));
        self::assertTrue(self::fits(SimulationTest::cabinet(), self::schema()));
    }

    /** @param  list<string|int>  $path */
    #[Test]
    #[DataProvider('places')]
    public function a_value_of_another_kind_is_refused_by_both(array $path): void
    {
        foreach ([new \stdClass(), [[[]]], -1e6, 'no such word', true] as $wrong) {
            $document = self::with(self::whole(), $path, fn (): mixed => $wrong instanceof \stdClass ? ['zzz' => 1] : $wrong);
            $fits = self::fits($document, self::schema());
            $taken = self::isTaken($document);
            // What hangs together over several places only the reader knows: it may refuse more, never less.
            self::assertTrue($fits || ! $taken, implode('.', $path).' is read and not published: '.json_encode($wrong));
            $isOwnKind = $fits && ! $taken;
            self::assertTrue(! $isOwnKind || is_scalar($wrong), implode('.', $path).' is published and not read: '.json_encode($wrong));
        }
    }

    /** @param  list<string|int>  $path */
    #[Test]
    #[DataProvider('places')]
    public function what_may_be_left_out_may_be_left_out_of_both(array $path): void
    {
        $document = self::with(self::whole(), $path, null);
        $fits = self::fits($document, self::schema());
        if (self::isTaken($document)) {
            self::assertTrue($fits, implode('.', $path));
        } elseif ($fits) {
            // Left out it leaves something else without its partner.
            self::assertContains($path[0], ['probes', 'outlets', 'guards', 'alarms']);
        }
        $unknown = self::with(self::whole(), $path, fn (mixed $v): mixed => is_array($v) && ! array_is_list($v) ? $v + ['zzz' => []] : $v);
        self::assertSame(self::fits($unknown, self::schema()), self::isTaken($unknown), 'an unknown key');
    }

    #[Test]
    public function every_key_that_is_published_stands_in_the_whole(): void
    {
        $published = $known = [];
        $walk = function (array $schema, string $at) use (&$walk, &$published): void {
            foreach ($schema['properties'] ?? [] as $name => $one) {
                $published["{$at}.{$name}"] = true;
                $walk($one, "{$at}.{$name}");
            }
            foreach ([...$schema['oneOf'] ?? [], ...$schema['anyOf'] ?? []] as $one) {
                $walk($one, $at);
            }
            foreach (array_filter([$schema['items'] ?? null, $schema['additionalProperties'] ?? null], is_array(...)) as $one) {
                $walk($one, "{$at}.*");
            }
        };
        $walk(self::schema(), '');
        foreach (self::places() as [$path]) {
            $maps = fn (int $n): bool => is_int($path[$n]) || in_array($path[$n - 1] ?? '', ['pauses', 'names'], true);
            $known['.'.implode('.', array_map(fn (int $n): string => $maps($n) ? '*' : (string) $path[$n], array_keys($path)))] = true;
        }
        self::assertSame([], array_keys(array_diff_key($published, $known)));
    }
}
