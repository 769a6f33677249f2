<?php

declare(strict_types=1);

namespace App\House;

use BackedEnum;
use JsonException;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;
use UnitEnum;

/**
 * Values of the core as plain JSON and back, years later: each object by its class and its properties. What a class has gained since
 * is read as its default; what has no default, or has changed its kind, cannot be read, and that is said.
 */
final class Frozen
{
    private const OF = 'Velbrin\\Core\\';

    private const OBJECT = '@';

    private const ENUM = '@e';

    private const NUMBER = '@n';

    public static function write(mixed $value): string
    {
        return json_encode(
            self::plain($value),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * @throws CannotThaw
     * @throws JsonException
     */
    public static function read(string $json): mixed
    {
        return self::value(json_decode($json, true, 512, JSON_THROW_ON_ERROR));
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            is_float($value) && ! is_finite($value) => [self::NUMBER => is_nan($value) ? 'nan' : ($value > 0 ? 'inf' : '-inf')],
            is_array($value) => array_map(self::plain(...), $value),
            $value instanceof UnitEnum => [
                self::ENUM => self::name($value),
                'is' => $value instanceof BackedEnum ? $value->value : $value->name,
            ],
            is_object($value) => self::object($value),
            default => $value,
        };
    }

    /** @return array<string, mixed> */
    private static function object(object $value): array
    {
        $plain = [self::OBJECT => self::name($value)];
        foreach ((new ReflectionClass($value))->getProperties() as $property) {
            if (! $property->isStatic() && $property->isInitialized($value)) {
                $plain[$property->getName()] = self::plain($property->getValue($value));
            }
        }

        return $plain;
    }

    private static function name(object $value): string
    {
        $class = $value::class;
        if (! str_starts_with($class, self::OF)) {
            throw new LogicException("{$class} is no value of the core");
        }

        return substr($class, strlen(self::OF));
    }

    private static function value(mixed $plain): mixed
    {
        if (! is_array($plain)) {
            return $plain;
        }
        if (is_string($plain[self::NUMBER] ?? null)) {
            return match ($plain[self::NUMBER]) {
                'inf' => INF,
                '-inf' => -INF,
                default => NAN,
            };
        }
        if (is_string($plain[self::ENUM] ?? null)) {
            return self::case($plain[self::ENUM], $plain['is'] ?? null);
        }
        if (is_string($plain[self::OBJECT] ?? null)) {
            return self::revive($plain[self::OBJECT], $plain);
        }

        return array_map(self::value(...), $plain);
    }

    private static function case(string $name, mixed $is): UnitEnum
    {
        $class = self::OF.$name;
        if (! is_subclass_of($class, UnitEnum::class)) {
            throw new CannotThaw("{$name} is no longer a set of words");
        }
        foreach ($class::cases() as $case) {
            if (($case instanceof BackedEnum ? $case->value : $case->name) === $is) {
                return $case;
            }
        }
        throw new CannotThaw("{$name} no longer knows ".(is_scalar($is) ? (string) $is : 'it'));
    }

    /** @param  array<array-key, mixed>  $plain */
    private static function revive(string $name, array $plain): object
    {
        $class = self::OF.$name;
        if (! class_exists($class) || enum_exists($class)) {
            throw new CannotThaw("{$name} is no longer a value");
        }
        $of = new ReflectionClass($class);
        $object = $of->newInstanceWithoutConstructor();
        foreach ($of->getProperties() as $property) {
            if (! $property->isStatic()) {
                self::give($object, $property, $plain);
            }
        }

        return $object;
    }

    /** @param  array<array-key, mixed>  $plain */
    private static function give(object $object, ReflectionProperty $property, array $plain): void
    {
        $name = $property->getName();
        $value = array_key_exists($name, $plain) ? self::value($plain[$name]) : self::otherwise($property);
        try {
            // A whole number was written where the class has a float.
            $type = $property->getType();
            $isFloat = $type instanceof ReflectionNamedType && $type->getName() === 'float';
            $property->setValue($object, $isFloat && is_int($value) ? (float) $value : $value);
        } catch (\TypeError $e) {
            throw new CannotThaw("{$property->class}::{$name} is of another kind now", previous: $e);
        }
    }

    private static function otherwise(ReflectionProperty $property): mixed
    {
        foreach ($property->getDeclaringClass()->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $property->getName() && $parameter->isDefaultValueAvailable()) {
                return $parameter->getDefaultValue();
            }
        }
        $type = $property->getType();
        if ($type?->allowsNull() === true) {
            return null;
        }
        if ($type instanceof ReflectionNamedType && $type->getName() === 'array') {
            return [];
        }
        throw new CannotThaw("{$property->class}::{$property->getName()} was not known then");
    }
}
