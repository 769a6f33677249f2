<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use BackedEnum;
use Closure;
use UnitEnum;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Tests\Share;

/**
 * What was answered when somebody last looked: numbers, codes and findings of many answers in one file, without their prose. Whoever
 * changes an answer on purpose writes it anew (VELBRIN_RECORD=write) and says why in the commit; anybody else is told what moved.
 */
final class Record
{
    private const DIGITS = 9;

    private const SAME = 1e-7;

    /** @return array<string, int|float|string|bool|null> by where it stands */
    public static function flat(mixed $value, string $path = ''): array
    {
        $at = fn (string|int $key): string => $path === '' ? (string) $key : "{$path}.{$key}";
        if (is_array($value)) {
            $flat = [];
            foreach ($value as $key => $one) {
                $name = $one instanceof Finding ? "{$one->severity->value} {$one->rule} {$one->about} {$one->what->code}" : $key;
                $flat += self::flat($one, $at($name));
            }

            return $flat;
        }

        return match (true) {
            $value instanceof Closure => [],
            $value instanceof BackedEnum => [$path => $value->value],
            $value instanceof UnitEnum => [$path => $value->name],
            $value instanceof Sentence => [$at('code') => $value->code, ...self::parts($value, $at)],
            is_object($value) => self::flat(get_object_vars($value), $path),
            is_float($value) => [$path => self::rounded($value)],
            // What has a blank in it is written for people, and may be written better.
            is_string($value) && preg_match('/\s/u', $value) === 1 => [],
            is_scalar($value) || $value === null => [$path => $value],
            default => [],
        };
    }

    /**
     * What a sentence names, words as well: they are told apart by what is the case.
     *
     * @param  Closure(string): string  $at
     * @return array<string, int|float|string|bool|null>
     */
    private static function parts(Sentence $sentence, Closure $at): array
    {
        $flat = [];
        foreach ($sentence->parts as $name => $part) {
            $flat += is_string($part) ? [$at($name) => $part] : self::flat($part, $at($name));
        }

        return $flat;
    }

    private static function rounded(float $value): float|string
    {
        return is_finite($value) ? (float) sprintf('%.'.self::DIGITS.'g', $value) : (string) $value;
    }

    /**
     * @param  array<string, array<string, int|float|string|bool|null>>  $now
     * @return list<string> what is not as it was; nothing after it was written anew
     */
    public static function moved(string $file, array $now): array
    {
        if (getenv('VELBRIN_RECORD') === 'write') {
            file_put_contents($file, (string) gzencode((string) json_encode($now, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), 9));
        }
        $was = json_decode((string) gzdecode((string) file_get_contents($file)), true, 16, JSON_THROW_ON_ERROR);
        $moved = [];
        // Alone the core asks a part of them.
        foreach (Share::isWhole() ? $was + $now : $now as $of => $_) {
            foreach (($was[$of] ?? []) + ($now[$of] ?? []) as $path => $_) {
                [$had, $has] = [$was[$of][$path] ?? null, $now[$of][$path] ?? null];
                if (! self::isSame($had, $has)) {
                    $moved[] = "{$of}: {$path} was ".json_encode($had).', is '.json_encode($has);
                }
            }
        }

        return $moved;
    }

    private static function isSame(mixed $had, mixed $has): bool
    {
        if (is_numeric($had) && is_numeric($has)) {
            return abs($had - $has) <= self::SAME * max(1e-3, abs((float) $had));
        }

        return $had === $has;
    }
}
