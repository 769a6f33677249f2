<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use Closure;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Tests\Control\CheckerTest;
use Velbrin\Core\Tests\Control\SimulationTest;
use Velbrin\Core\Tests\Moves\MoveAnswersTest;

/** What a document may leave out and what counts then, and between what its numbers may lie. */
#[Group('beside')]
final class ReadersRecordTest extends TestCase
{
    private const FAR = 1e7;

    /** @return array<string, array{0: array<array-key, mixed>, 1: Closure(mixed): mixed}> a whole document, and who reads it */
    private static function documents(): array
    {
        return [
            'move' => [MoveAnswersTest::sound(), fn (mixed $move): mixed => MoveReader::read($move)],
            'plant' => [SimulationTest::plant(), fn (mixed $plant): mixed => PlantReader::read($plant)],
            'setup' => [CheckerTest::sound(), fn (mixed $setup): mixed => SetupReader::read($setup)],
        ];
    }

    #[Test]
    public function documents_are_read_as_they_were_whatever_they_leave_out_and_as_far_as_their_numbers_go(): void
    {
        $now = $asked = [];
        foreach (self::documents() as $name => [$whole, $read]) {
            $sound = Record::flat($read($whole));
            foreach (self::leaves($whole) as $path) {
                $of = implode('.', $path);
                $without = self::read($read, self::put($whole, $path, null, isGone: true));
                $now["{$name} without {$of}"] = is_string($without) ? ['refused' => $without] : array_diff_assoc(
                    array_map(json_encode(...), $without),
                    array_map(json_encode(...), $sound),
                );
                $value = array_reduce($path, fn (mixed $at, string|int $key): mixed => $at[$key], $whole);
                $kind = implode('.', array_filter($path, is_string(...)));
                if (! isset($asked[$name][$kind]) && (is_int($value) || is_float($value))) {
                    // Rows of one list are read alike: the first of them tells.
                    $asked[$name][$kind] = true;
                    $taken = fn (float $at): bool => ! is_string(self::read($read, self::put($whole, $path, $at)));
                    $now["{$name} {$of}"] = ['least' => self::edge($taken, (float) $value, -self::FAR),
                        'most' => self::edge($taken, (float) $value, self::FAR)];
                }
            }
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/readers.json.gz', $now), 0, 25));
    }

    /** @return array<string, int|float|string|bool|null>|string what was read, or the field that is refused */
    private static function read(Closure $read, mixed $document): array|string
    {
        try {
            return Record::flat($read($document));
        } catch (OutOfRange $e) {
            return $e->field;
        }
    }

    /**
     * The last number that is taken on the way to a far one; null: even that is.
     *
     * @param  Closure(float): bool  $taken
     */
    private static function edge(Closure $taken, float $from, float $far): ?float
    {
        if ($taken($far) || ! $taken($from)) {
            return null;
        }
        [$in, $out] = [$from, $far];
        while (abs($out - $in) > 1e-4 * max(1.0, abs($in))) {
            $middle = ($in + $out) / 2;
            [$in, $out] = $taken($middle) ? [$middle, $out] : [$in, $middle];
        }

        return round(($in + $out) / 2, 3);
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @param  list<array-key>  $path
     * @return iterable<list<array-key>> to each value
     */
    private static function leaves(array $of, array $path = []): iterable
    {
        foreach ($of as $key => $value) {
            if (is_array($value)) {
                yield from self::leaves($value, [...$path, $key]);
            } else {
                yield [...$path, $key];
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $into
     * @param  list<array-key>  $path
     * @return array<array-key, mixed>
     */
    private static function put(array $into, array $path, mixed $value, bool $isGone = false): array
    {
        $at = &$into;
        $last = array_pop($path);
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        if ($isGone) {
            unset($at[$last]);
        } else {
            $at[$last] = $value;
        }

        return $into;
    }
}
