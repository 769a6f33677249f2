<?php

declare(strict_types=1);

namespace App\House;

use BackedEnum;
use LogicException;
use ReflectionClass;
use ReflectionProperty;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\ArrayShapeType;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\TypeInfo\Type\UnionType;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** Reads the view classes and writes what the pages receive. A property it cannot name is an error, not an unknown. */
final class TypeScript
{
    /** @var array<class-string, string> */
    private array $written = [];

    /** @var list<class-string> */
    private array $waiting = [];

    private function __construct(private readonly TypeResolver $resolver)
    {
    }

    public static function ofViews(string $appPath): string
    {
        $self = new self(TypeResolver::create());
        $files = glob($appPath.'/*/Views/*.php') ?: [];
        sort($files);
        foreach ($files as $file) {
            $class = 'App\\'.str_replace('/', '\\', substr($file, strlen($appPath) + 1, -4));
            if (class_exists($class)) {
                $self->waiting[] = $class;
            }
        }
        while (($class = array_shift($self->waiting)) !== null) {
            $self->write($class);
        }
        ksort($self->written);

        return "// Written by velbrin:types from the view classes. Do not edit.\n\n".implode("\n", $self->written);
    }

    /** @param  class-string  $class */
    private function write(string $class): void
    {
        if (isset($this->written[$class])) {
            return;
        }
        $this->written[$class] = '';
        $lines = [];
        $reflection = new ReflectionClass($class);
        foreach ($reflection->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            if (! $property->isStatic()) {
                $lines[] = "    {$property->getName()}: {$this->name(
                    $this->resolver->resolve($property),
                    "{$class}::{$property->getName()}",
                )};";
            }
        }
        $this->written[$class] = "export interface {$reflection->getShortName()} {\n".implode("\n", $lines)."\n}\n";
    }

    private function name(Type $type, string $at): string
    {
        return match (true) {
            $type instanceof NullableType => $this->name($type->getWrappedType(), $at).' | null',
            $type instanceof UnionType => implode(
                ' | ',
                array_unique(array_map(fn (Type $t): string => $this->name($t, $at), $type->getTypes())),
            ),
            $type instanceof ArrayShapeType => $this->shape($type, $at),
            $type instanceof CollectionType => $this->collection($type, $at),
            $type instanceof BackedEnumType => $this->enum($type->getClassName()),
            $type instanceof ObjectType => $this->reference($type->getClassName()),
            $type instanceof BuiltinType => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT, TypeIdentifier::FLOAT => 'number',
                TypeIdentifier::STRING => 'string',
                TypeIdentifier::BOOL, TypeIdentifier::TRUE, TypeIdentifier::FALSE => 'boolean',
                TypeIdentifier::NULL => 'null',
                default => throw new LogicException("{$at} has the type {$type}, which says nothing to a page"),
            },
            default => throw new LogicException("{$at} has the type {$type}, which cannot be written"),
        };
    }

    /** @param  CollectionType<BuiltinType<TypeIdentifier::ARRAY>|BuiltinType<TypeIdentifier::ITERABLE>|ObjectType<class-string>>  $type */
    private function collection(CollectionType $type, string $at): string
    {
        $value = $this->name($type->getCollectionValueType(), $at);

        return $type->isList()
            ? (str_contains($value, ' ')
                ? "({$value})[]"
                : "{$value}[]")
            : "Record<string, {$value}>";
    }

    /** @param  ArrayShapeType  $type a list of fixed places becomes a tuple */
    private function shape(ArrayShapeType $type, string $at): string
    {
        $parts = [];
        $tuple = true;
        foreach ($type->getShape() as $key => $part) {
            $tuple = $tuple && is_int($key);
            $parts[$key] = $this->name($part['type'], $at);
        }

        return $tuple
            ? '['.implode(', ', $parts).']'
            : '{ '.
                    implode(
                        '; ',
                        array_map(fn (int|string $k, string $v): string => "{$k}: {$v}", array_keys($parts), $parts),
                    ).
                    ' }';
    }

    private function reference(string $class): string
    {
        if (! class_exists($class)) {
            throw new LogicException("{$class} does not exist");
        }
        $this->waiting[] = $class;

        return (new ReflectionClass($class))->getShortName();
    }

    private function enum(string $class): string
    {
        if (! is_subclass_of($class, BackedEnum::class)) {
            throw new LogicException("{$class} is not a backed enum");
        }

        return implode(
            ' | ',
            array_map(
                fn (BackedEnum $case): string => is_int($case->value) ? (string) $case->value : "'{$case->value}'",
                $class::cases(),
            ),
        );
    }
}
