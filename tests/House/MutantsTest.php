<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The lists of planted faults keep up with the code: a place that moved would be planted nowhere. */
final class MutantsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** @return iterable<string, array{0: string, 1: int}> list, how many at least */
    public static function lists(): iterable
    {
        yield 'core' => ['core/mutants.php', 60];
        yield 'app' => ['tests/mutants.php', 40];
    }

    #[Test]
    #[DataProvider('lists')]
    public function each_place_stands_once_and_each_name_too(string $list, int $least): void
    {
        /** @var list<array{name: string, file: string, from: string, to: string, tests: string}> $mutants */
        $mutants = require self::ROOT."/{$list}";
        self::assertGreaterThanOrEqual($least, count($mutants));
        $names = array_column($mutants, 'name');
        self::assertSame($names, array_values(array_unique($names)));
        foreach ($mutants as $mutant) {
            $source = (string) file_get_contents(self::ROOT."/{$mutant['file']}");
            self::assertSame(1, substr_count($source, $mutant['from']), $mutant['name']);
            self::assertNotSame($mutant['from'], $mutant['to'], $mutant['name']);
        }
    }
}
