<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\OutOfRange;

/** The fields of a question; some questions take further fields by one word, such as the shape. */
final readonly class Input
{
    /**
     * @param  list<Field>  $fields
     * @param  array<string, list<Field>>  $byWord  further fields by the value of $word
     */
    private function __construct(public array $fields, public ?string $word, public array $byWord)
    {
    }

    public static function of(Field ...$fields): self
    {
        return new self(array_values($fields), null, []);
    }

    /** @param  non-empty-array<string, list<Field>>  $byWord */
    public function depending(string $word, string $description, array $byWord): self
    {
        return new self([Field::choice($word, $description, array_keys($byWord)), ...$this->fields], $word, $byWord);
    }

    /**
     * @param  array<array-key, mixed>  $raw
     *
     * @throws OutOfRange naming the first missing, unknown or wrong field
     */
    public function read(array $raw, string $within = ''): Given
    {
        $fields = $this->fields;
        if ($this->word !== null) {
            $word = $raw[$this->word] ?? null;
            $fields = [...$fields, ...is_string($word) ? $this->byWord[$word] ?? [] : []];
        }
        $values = [];
        $known = 0;
        foreach ($fields as $field) {
            if (array_key_exists($field->name, $raw)) {
                $values[$field->name] = $field->read($raw[$field->name], $within.$field->name);
                $known++;
            } elseif ($field->default !== null) {
                $values[$field->name] = $field->default;
            } elseif ($field->required) {
                throw OutOfRange::field(
                    $within.$field->name,
                    Phrase::IsMissing,
                    Phrase::AsDescribed,
                    ['words' => $field->description],
                );
            }
        }
        if (count($raw) > $known) {
            $names = array_map(fn (Field $f): string => $f->name, $fields);
            foreach (array_keys($raw) as $key) {
                if (! in_array((string) $key, $names, true)) {
                    throw OutOfRange::field(
                        $within.$key,
                        Phrase::IsNotAField,
                        Phrase::OnlyList,
                        ['list' => implode(', ', $names)],
                    );
                }
            }
        }

        return new Given($values);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        if ($this->word === null) {
            return self::object($this->fields);
        }
        $variants = [];
        foreach ($this->byWord as $word => $fields) {
            $object = self::object([...$this->fields, ...$fields]);
            $object['properties'] = [...$object['properties'], $this->word => ['const' => $word]];
            $variants[] = $object;
        }

        return ['oneOf' => $variants];
    }

    /**
     * @param  list<Field>  $fields
     * @return array{type: string, properties: array<string, mixed>, required: list<string>, additionalProperties: bool}
     */
    public static function object(array $fields, bool $open = false): array
    {
        $properties = [];
        $required = [];
        foreach ($fields as $field) {
            $properties[$field->name] = $field->schema();
            if ($field->required) {
                $required[] = $field->name;
            }
        }

        return [
            'type' => 'object',
            'properties' => $properties,
            'required' => $required,
            'additionalProperties' => $open,
        ];
    }
}
