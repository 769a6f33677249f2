<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use SplFileInfo;
use UnitEnum;

/** The numbers of tables that are asked for nothing: bands, lives, lists of work, ranges of fields. None changes unseen. */
#[Group('beside')]
final class TablesRecordTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../src/';

    #[Test]
    public function tables_say_what_they_said(): void
    {
        $now = [];
        foreach (self::classes() as $class) {
            $flat = array_filter(self::flat($class), is_numeric(...));
            if ($flat !== []) {
                $now[substr($class->getName(), strlen('Velbrin\Core\\'))] = $flat;
            }
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/tables.json.gz', $now), 0, 25));
    }

    /** @return iterable<ReflectionClass<object>> */
    private static function classes(): iterable
    {
        $root = (string) realpath(self::SOURCE);
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
            if ($file instanceof SplFileInfo && preg_match('/^[A-Z]\w*\.php$/', $file->getFilename()) === 1) {
                $name = 'Velbrin\Core'.strtr(substr($file->getPathname(), strlen($root), -4), '/', '\\');
                if (class_exists($name) || enum_exists($name)) {
                    yield new ReflectionClass($name);
                }
            }
        }
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, int|float|string|bool|null>
     */
    private static function flat(ReflectionClass $class): array
    {
        $flat = [];
        foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            foreach (self::asked($method) as $name => $arguments) {
                foreach ($method->isStatic() ? [$method->name => null] : self::cases($class->getName()) as $of => $case) {
                    $flat += Record::flat($method->invoke($case, ...$arguments), "{$of}.{$method->name}{$name}");
                }
            }
        }

        return $flat;
    }

    /** @return array<string, list<UnitEnum>> what it can be asked with: nothing, or each case of the one table it asks about */
    private static function asked(ReflectionMethod $method): array
    {
        $type = ($method->getParameters()[0] ?? null)?->getType();

        return match ($method->isConstructor() ? -1 : $method->getNumberOfRequiredParameters()) {
            0 => ['' => []],
            1 => array_map(fn (UnitEnum $of): array => [$of], self::cases($type instanceof ReflectionNamedType ? $type->getName() : '')),
            default => [],
        };
    }

    /** @return array<string, UnitEnum> */
    private static function cases(string $name): array
    {
        return enum_exists($name) ? array_column($name::cases(), null, 'name') : [];
    }
}
