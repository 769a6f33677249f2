<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Measure;

use BackedEnum;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionMethod;
use SplFileInfo;
use Velbrin\Core\Measure\Saying;

/** What people choose from has a name each, and no two are called the same. */
final class ChoicesTest extends TestCase
{
    #[Test]
    public function every_choice_of_a_kind_is_called_by_a_name_of_its_own(): void
    {
        $kinds = 0;
        foreach (self::enums() as $enum) {
            foreach (['label', 'words', 'plain'] as $name) {
                if (! method_exists($enum, $name) || (new ReflectionMethod($enum, $name))->getNumberOfParameters() > 0) {
                    continue;
                }
                $labels = array_map(fn (BackedEnum $case): string => trim((string) [$case, $name]()), $enum::cases());
                self::assertNotContains('', $labels, "{$enum}::{$name}");
                if ($name === 'label') {
                    self::assertSame($labels, array_unique($labels), "{$enum}::{$name}");
                }
                $kinds++;
            }
        }
        self::assertGreaterThan(40, $kinds);
    }

    /** @return iterable<class-string<BackedEnum>> */
    private static function enums(): iterable
    {
        $root = dirname(__DIR__, 2).'/src';
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
            if (! $file instanceof SplFileInfo || $file->getExtension() !== 'php' || str_contains($file->getPathname(), '/words/')) {
                continue;
            }
            $class = 'Velbrin\\Core\\'.str_replace('/', '\\', substr($file->getPathname(), strlen($root) + 1, -4));
            if (enum_exists($class) && is_subclass_of($class, BackedEnum::class) && ! is_subclass_of($class, Saying::class)) {
                yield $class;
            }
        }
    }
}
