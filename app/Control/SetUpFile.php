<?php

declare(strict_types=1);

namespace App\Control;

use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\OutOfRange;

/** A set-up as a file, schema 1: outlets and sensors by their names, so that it can be read at another place. */
final class SetUpFile
{
    /** Deeper or larger than any set-up. */
    private const DEEPEST = 12;

    /** @return array<string, mixed> */
    public static function out(Controller $controller, WholeSetUp $whole): array
    {
        $names = self::names($controller, $whole);

        return self::renamed($whole->of($controller, $controller->latest()->document ?? []), $names);
    }

    /**
     * @return array{0: array{outlets: list<mixed>, guards: list<mixed>}, 1: list<string>} document, and outlets that are not here
     *
     * @throws ValidationException
     */
    public static function in(string $text, Controller $controller, WholeSetUp $whole): array
    {
        $given = json_decode($text, true, self::DEEPEST);
        if (! is_array($given)) {
            throw ValidationException::withMessages(['file' => 'This is no JSON file.']);
        }
        try {
            SetupReader::read($given);
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['file' => 'This is no set-up: '.$e->getMessage().'.']);
        }
        $keys = array_flip(self::names($controller, $whole));
        $document = self::renamed($given, $keys);
        $here = $whole->outlets($controller);
        $isHere = fn (array $one, string $key): bool => is_string($one[$key] ?? null) && $here->has($one[$key]);
        $outlets = array_filter(is_array($document['outlets'] ?? null) ? $document['outlets'] : [], is_array(...));
        $guards = array_filter(is_array($document['guards'] ?? null) ? $document['guards'] : [], is_array(...));
        $missing = array_column(array_filter($outlets, fn (array $o): bool => ! $isHere($o, 'id')), 'id');

        return [
            [
                'outlets' => array_values(array_map(
                    fn (array $o): array => array_diff_key($o, ['hung' => 1]),
                    array_filter($outlets, fn (array $o): bool => $isHere($o, 'id')),
                )),
                'guards' => array_values(array_filter($guards, fn (array $g): bool => $isHere($g, 'outlet'))),
            ],
            array_values(array_filter($missing, is_string(...))),
        ];
    }

    /**
     * By what hangs where, without what only this place knows.
     *
     * @return array{outlets: list<mixed>, guards: list<mixed>}
     */
    public static function standard(Controller $controller, WholeSetUp $whole): array
    {
        $roles = RoleKeys::of($controller, $whole);
        $written = $controller->latest()->document ?? [];
        $outlets = array_filter(is_array($written['outlets'] ?? null) ? $written['outlets'] : [], is_array(...));
        $guards = array_filter(is_array($written['guards'] ?? null) ? $written['guards'] : [], is_array(...));
        $has = fn (mixed $key): bool => is_string($key) && isset($roles[$key]);
        $renamed = self::renamed([
            'outlets' => array_values(array_filter($outlets, fn (array $o): bool => $has($o['id'] ?? null))),
            'guards' => array_values(array_filter($guards, fn (array $g): bool => $has($g['outlet'] ?? null))),
        ], $roles);

        return ['outlets' => self::list($renamed['outlets'] ?? []), 'guards' => self::list($renamed['guards'] ?? [])];
    }

    /**
     * @param  array<array-key, mixed>  $standard
     * @return array{0: array{outlets: list<mixed>, guards: list<mixed>}, 1: list<string>} document, and roles nothing here plays
     */
    public static function fromStandard(array $standard, Controller $controller, WholeSetUp $whole): array
    {
        $keys = array_flip(RoleKeys::of($controller, $whole));
        $missing = [];
        $knows = function (mixed $value) use (&$knows, $keys, &$missing): bool {
            foreach (is_array($value) ? $value : [] as $key => $one) {
                $isRole = is_string($one) && self::isReference((string) $key) && str_contains($one, '#');
                if ($isRole && ! isset($keys[$one])) {
                    $missing[$one] = str_replace('#', ' ', $one);

                    return false;
                }
                if (is_array($one) && ! $knows($one)) {
                    return false;
                }
            }

            return true;
        };
        $kept = [
            'outlets' => array_values(array_filter(self::list($standard['outlets'] ?? []), $knows)),
            'guards' => array_values(array_filter(self::list($standard['guards'] ?? []), $knows)),
        ];
        $ids = array_column(array_filter($kept['outlets'], is_array(...)), 'id');
        $kept['guards'] = array_values(array_filter(
            $kept['guards'],
            fn (mixed $g): bool => is_array($g) && in_array($g['outlet'] ?? null, $ids, true),
        ));
        $document = self::renamed($kept, $keys);

        return [
            ['outlets' => self::list($document['outlets'] ?? []), 'guards' => self::list($document['guards'] ?? [])],
            array_values($missing),
        ];
    }

    /** @return list<mixed> */
    private static function list(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }

    /** @return array<string, string> names by key, of outlets and sensors */
    private static function names(Controller $controller, WholeSetUp $whole): array
    {
        $names = $whole->outlets($controller)->map(fn (Outlet $o): string => $o->name)->all();
        foreach ($controller->sensors as $sensor) {
            $names[$sensor->key()] = $sensor->name;
        }

        return $names;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<array-key, string|int>  $names
     * @return array<string, mixed>
     */
    private static function renamed(array $document, array $names): array
    {
        $renamed = [];
        foreach ($document as $key => $value) {
            $name = $key === 'names' ? null : $value;
            $renamed[(string) $key] = match (true) {
                $name === null => null,
                is_array($value) => array_is_list($value) ? self::each($value, $names) : self::renamed($value, $names),
                is_string($value) && self::isReference((string) $key) => (string) ($names[$value] ?? $value),
                default => $value,
            };
        }

        return array_filter($renamed, fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param  list<mixed>  $values
     * @param  array<array-key, string|int>  $names
     * @return list<mixed>
     */
    private static function each(array $values, array $names): array
    {
        return array_map(fn (mixed $v): mixed => match (true) {
            ! is_array($v) => $v,
            array_is_list($v) => self::each($v, $names),
            default => self::renamed($v, $names),
        }, $values);
    }

    private static function isReference(string $key): bool
    {
        return in_array($key, ['id', 'outlet', 'probe', 'switch', 'low', 'high', 'store', 'act'], true);
    }
}
