<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use LogicException;

/** The checked input of one question. */
final readonly class Given
{
    /** @param  array<string, float|bool|string|array<array-key, mixed>|null>  $values */
    public function __construct(private array $values)
    {
    }

    public function number(string $name): float
    {
        $value = $this->values[$name] ?? null;

        return is_float($value) ? $value : throw self::unknown($name);
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : throw self::unknown($name);
    }

    public function boolean(string $name): bool
    {
        $value = $this->values[$name] ?? null;

        return is_bool($value) ? $value : throw self::unknown($name);
    }

    /** A number or null, where the field may be null or absent. */
    public function numberOrNull(string $name): ?float
    {
        return ($this->values[$name] ?? null) === null ? null : $this->number($name);
    }

    /** Words or null, where the field may be null or absent. */
    public function textOrNull(string $name): ?string
    {
        return ($this->values[$name] ?? null) === null ? null : $this->text($name);
    }

    /** @return list<self> empty when the optional field is absent */
    public function rows(string $name): array
    {
        return array_values(
            array_map(
                fn (mixed $row): self => $row instanceof self ? $row : throw self::unknown($name),
                $this->rawOr($name),
            ),
        );
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        return array_values($this->map($name));
    }

    /** @return array<string, float> */
    public function map(string $name): array
    {
        $numbers = [];
        foreach ($this->raw($name) as $key => $value) {
            $numbers[(string) $key] = is_float($value) ? $value : throw self::unknown($name);
        }

        return $numbers;
    }

    /** @return array<string, float> empty when the optional field is absent */
    public function mapOr(string $name): array
    {
        return isset($this->values[$name]) ? $this->map($name) : [];
    }

    /** @return array<array-key, mixed> */
    public function raw(string $name): array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) ? $value : throw self::unknown($name);
    }

    /** @return array<array-key, mixed> empty when the optional field is absent */
    public function rawOr(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? $value : [];
    }

    private static function unknown(string $name): LogicException
    {
        return new LogicException("the question reads '{$name}', which its input does not declare");
    }
}
