<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Sentence;

/**
 * One field of a question's input or answer: checks a decoded JSON value and describes itself as JSON Schema. The range it prints is
 * the range it holds: both come from the same keywords.
 */
final readonly class Field
{
    /**
     * @param  'number'|'integer'|'boolean'|'string'|'array'|'object'|'rows'|'any'  $type
     * @param  list<string>  $choices
     * @param  array<string, mixed>  $schema  further JSON Schema keywords
     */
    private function __construct(
        public string $name,
        public string $type,
        public string $description,
        public bool $required,
        public float|bool|string|null $default,
        public bool $nullable,
        public array $choices,
        public array $schema,
        public ?self $items = null,
        public ?Input $row = null,
    ) {
    }

    public static function number(
        string $name,
        string $description,
        ?float $least = null,
        ?float $most = null,
        ?float $above = null,
        ?float $default = null,
        ?float $below = null,
    ): self {
        $keywords = [
            'minimum' => $least,
            'maximum' => $most,
            'exclusiveMinimum' => $above,
            'exclusiveMaximum' => $below,
        ];
        $range = array_filter($keywords, fn (?float $v): bool => $v !== null);

        return new self(
            name: $name,
            type: 'number',
            description: $description,
            required: $default === null,
            default: $default,
            nullable: false,
            choices: [],
            schema: $range,
        );
    }

    /** @param  non-empty-list<string>  $choices */
    public static function choice(string $name, string $description, array $choices): self
    {
        return new self(
            name: $name,
            type: 'string',
            description: $description,
            required: true,
            default: null,
            nullable: false,
            choices: $choices,
            schema: ['enum' => $choices],
        );
    }

    public static function boolean(string $name, string $description, ?bool $default = null): self
    {
        return new self(
            name: $name,
            type: 'boolean',
            description: $description,
            required: $default === null,
            default: $default,
            nullable: false,
            choices: [],
            schema: [],
        );
    }

    public static function numbers(string $name, string $description): self
    {
        return new self(
            name: $name,
            type: 'array',
            description: $description,
            required: true,
            default: null,
            nullable: false,
            choices: [],
            schema: ['items' => ['type' => 'number']],
            items: self::number($name, $description),
        );
    }

    public static function text(string $name, string $description, ?string $default = null): self
    {
        return new self(
            name: $name,
            type: 'string',
            description: $description,
            required: $default === null,
            default: $default,
            nullable: false,
            choices: [],
            schema: [],
        );
    }

    /** A list of objects, each with these fields. */
    public static function rows(string $name, string $description, Input $row, bool $required = true): self
    {
        return new self(
            name: $name,
            type: 'rows',
            description: $description,
            required: $required,
            default: null,
            nullable: false,
            choices: [],
            schema: ['items' => $row->schema()],
            items: null,
            row: $row,
        );
    }

    /** An object of numbers under names of the asker's choice. */
    public static function map(string $name, string $description): self
    {
        return new self(
            name: $name,
            type: 'object',
            description: $description,
            required: true,
            default: null,
            nullable: false,
            choices: [],
            schema: ['additionalProperties' => ['type' => 'number']],
            items: self::number($name, $description),
        );
    }

    /** @param  array<string, mixed>  $schema a value the question checks itself */
    public static function any(string $name, string $description, array $schema, bool $required = true): self
    {
        return new self(
            name: $name,
            type: 'any',
            description: $description,
            required: $required,
            default: null,
            nullable: false,
            choices: [],
            schema: $schema,
        );
    }

    /** Optional, with this word when absent. */
    public function or(string $default): self
    {
        return new self(
            name: $this->name,
            type: $this->type,
            description: $this->description,
            required: false,
            default: $default,
            nullable: $this->nullable,
            choices: $this->choices,
            schema: $this->schema,
            items: $this->items,
            row: $this->row,
        );
    }

    /** May be left out, without a default. */
    public function optional(): self
    {
        return new self(
            name: $this->name,
            type: $this->type,
            description: $this->description,
            required: false,
            default: null,
            nullable: $this->nullable,
            choices: $this->choices,
            schema: $this->schema,
            items: $this->items,
            row: $this->row,
        );
    }

    public function orNull(): self
    {
        return new self(
            name: $this->name,
            type: $this->type,
            description: $this->description,
            required: $this->required,
            default: $this->default,
            nullable: true,
            choices: $this->choices,
            schema: $this->schema,
            items: $this->items,
            row: $this->row,
        );
    }

    public function integer(): self
    {
        return new self(
            name: $this->name,
            type: 'integer',
            description: $this->description,
            required: $this->required,
            default: $this->default,
            nullable: $this->nullable,
            choices: $this->choices,
            schema: $this->schema,
            items: $this->items,
            row: $this->row,
        );
    }

    /**
     * @return float|bool|string|array<array-key, mixed>|null
     *
     * @throws OutOfRange
     */
    public function read(mixed $value, string $path): float|bool|string|array|null
    {
        if ($value === null && $this->nullable) {
            return null;
        }
        switch ($this->type) {
            case 'rows':
                if (! is_array($value) || ! array_is_list($value)) {
                    throw OutOfRange::field(
                        $path,
                        Phrase::MustBeAList,
                        Phrase::AList,
                        ['got' => self::named($value)],
                    );
                }

                return array_map(
                    fn (int $i): ?Given => is_array($value[$i])
                        ? $this->row?->read($value[$i], "{$path}.{$i}.")
                        : throw OutOfRange::field(
                            "{$path}.{$i}",
                            Phrase::MustBeAnObject,
                            Phrase::AnObject,
                        ),
                    array_keys($value),
                );
            case 'number':
                if (is_int($value) || (is_float($value) && is_finite($value))) {
                    return $this->inRange((float) $value, $path);
                }
                throw OutOfRange::field(
                    $path,
                    Phrase::MustBeAPlainFiniteNumber,
                    Phrase::ANumber,
                    ['got' => self::named($value)],
                );
            case 'boolean':
                return is_bool($value)
                    ? $value
                    : throw OutOfRange::field(
                        $path,
                        Phrase::MustBeTrueOrFalse,
                        Phrase::TrueOrFalse,
                        ['got' => self::named($value)],
                    );
            case 'string':
                if (is_string($value) && ($this->choices === [] || in_array($value, $this->choices, true))) {
                    return $value;
                }
                throw OutOfRange::field(
                    $path,
                    Phrase::IsNotOneOfTheKnown,
                    Phrase::List,
                    ['list' => implode(', ', $this->choices)],
                );
            case 'array':
                if (! is_array($value) || ! array_is_list($value)) {
                    throw OutOfRange::field(
                        $path,
                        Phrase::MustBeAList,
                        Phrase::AList,
                        ['got' => self::named($value)],
                    );
                }

                return $this->each($value, $path);
            case 'object':
                if (! is_array($value) || ($value !== [] && array_is_list($value))) {
                    throw OutOfRange::field(
                        $path,
                        Phrase::MustBeAnObjectGot,
                        Phrase::AnObject,
                        ['got' => self::named($value)],
                    );
                }

                return $this->each($value, $path);
            default:
                return is_array($value)
                    ? $value
                    : throw OutOfRange::field(
                        $path,
                        Phrase::MustBeAListOr,
                        Phrase::AListOrAnObject,
                        ['got' => self::named($value)],
                    );
        }
    }

    /** @throws OutOfRange outside the range its schema prints */
    private function inRange(float $value, string $path): float
    {
        $holds = [
            'minimum' => fn (float $limit): bool => $value >= $limit,
            'maximum' => fn (float $limit): bool => $value <= $limit,
            'exclusiveMinimum' => fn (float $limit): bool => $value > $limit,
            'exclusiveMaximum' => fn (float $limit): bool => $value < $limit,
        ];
        foreach ($holds as $keyword => $isHeld) {
            $limit = $this->schema[$keyword] ?? null;
            if (is_float($limit) && ! $isHeld($limit)) {
                throw OutOfRange::number($path, $value, $this->range());
            }
        }

        return $value;
    }

    /** "at least 19 and at most 43". */
    private function range(): Sentence
    {
        $words = [
            'minimum' => Phrase::AtLeast,
            'exclusiveMinimum' => Phrase::MoreThan,
            'maximum' => Phrase::AtMost,
            'exclusiveMaximum' => Phrase::Below,
        ];
        $limits = array_intersect_key($this->schema, $words);
        $limit = fn (string $keyword): Sentence => Sentence::of(
            $words[$keyword],
            ['limit' => json_encode($limits[$keyword], JSON_THROW_ON_ERROR)],
        );
        $said = array_map($limit, array_keys(array_intersect_key($words, $limits)));

        return $said === [] ? Sentence::of(Phrase::ANumber) : Sentence::listed(Phrase::ThisAndThat, ...$said);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        $type = $this->type === 'rows' ? 'array' : $this->type;
        $schema = $type === 'any' ? [] : ['type' => $this->nullable ? [$type, 'null'] : $type];

        return [
            ...$schema,
            'description' => $this->description,
            ...$this->schema,
            ...$this->default === null ? [] : ['default' => $this->default],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private function each(array $values, string $path): array
    {
        if ($this->items === null) {
            return $values;
        }
        foreach ($values as $key => $value) {
            $values[$key] = $this->items->read($value, "{$path}.{$key}");
        }

        return $values;
    }

    private static function named(mixed $value): string
    {
        return match (true) {
            is_string($value) => 'text',
            is_bool($value) => 'true or false',
            $value === null => 'null',
            is_array($value) => 'a list or object',
            default => 'a number too large to hold',
        };
    }
}
