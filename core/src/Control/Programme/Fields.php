<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Saying;

/** One object of a document: every key is asked for by name, and one nobody asked for is refused. */
final class Fields
{
    /** @var array<string, true> */
    private array $asked = [];

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private readonly array $values, private readonly string $path)
    {
    }

    /** @throws OutOfRange when it is no object */
    public static function of(mixed $value, string $path): self
    {
        return is_array($value) ? new self($value, $path) : throw OutOfRange::field(
            $path,
            Phrase::IsNoObject,
            Phrase::AnObject,
        );
    }

    public function at(string $key): string
    {
        return $this->path === '' ? $key : "{$this->path}.{$key}";
    }

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    public function text(string $key): string
    {
        $value = $this->ask($key);

        return is_string($value) && $value !== '' ? $value : throw $this->wrong($key, Phrase::Words);
    }

    public function textOrNull(string $key): ?string
    {
        return $this->ask($key) === null ? null : $this->text($key);
    }

    public function number(string $key, float $least = -INF, ?float $default = null): float
    {
        $value = $this->ask($key) ?? $default;
        $number = is_int($value) || is_float($value) ? (float) $value : null;

        return $number !== null && is_finite($number) && $number >= $least
            ? $number
            : throw $this->wrong(
                $key,
                is_finite($least) ? Phrase::ANumberOfAtLeast : Phrase::ANumber,
                ['least' => (string) $least],
            );
    }

    public function numberOrNull(string $key, float $least = -INF): ?float
    {
        return $this->ask($key) === null ? null : $this->number($key, $least);
    }

    public function boolean(string $key, bool $default): bool
    {
        $value = $this->ask($key) ?? $default;

        return is_bool($value) ? $value : throw $this->wrong($key, Phrase::TrueOrFalse);
    }

    /** Null: nobody has said. */
    public function booleanOrNull(string $key): ?bool
    {
        return $this->ask($key) === null ? null : $this->boolean($key, false);
    }

    /** On, off, or a level between; null: nobody has said. */
    public function levelOrNull(string $key): ?float
    {
        $value = $this->ask($key);

        return match (true) {
            $value === null => null,
            $value === 'on' => 1.0,
            $value === 'off' => 0.0,
            (is_int($value) || is_float($value)) && $value >= 0 && $value <= 1 => (float) $value,
            default => throw $this->wrong($key, Phrase::OnOffOrALevel),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $of
     * @return T
     */
    public function choice(string $key, string $of): \BackedEnum
    {
        return $of::tryFrom($this->text($key)) ?? throw $this->wrong(
            $key,
            Phrase::List,
            ['list' => implode(', ', array_column($of::cases(), 'value'))],
        );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $of
     * @return T|null
     */
    public function choiceOrNull(string $key, string $of): ?\BackedEnum
    {
        return $this->ask($key) === null ? null : $this->choice($key, $of);
    }

    public function object(string $key): self
    {
        return self::of($this->ask($key), $this->at($key));
    }

    /** @return list<self> empty where it is missing */
    public function objects(string $key): array
    {
        $value = $this->ask($key) ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->wrong($key, Phrase::AList);
        }

        return array_map(fn (mixed $one, int $n): self => self::of($one, $this->at("{$key}.{$n}")), $value, array_keys($value));
    }

    /** @return array<string, self> empty where it is missing */
    public function map(string $key): array
    {
        $value = $this->ask($key) ?? [];
        $map = [];
        foreach (is_array($value) ? $value : throw $this->wrong($key, Phrase::AnObject) as $name => $one) {
            $map[(string) $name] = self::of($one, $this->at("{$key}.{$name}"));
        }

        return $map;
    }

    /** @return array<string, string> empty where it is missing */
    public function words(string $key): array
    {
        $value = $this->ask($key) ?? [];
        $words = [];
        foreach (is_array($value) ? $value : throw $this->wrong($key, Phrase::AnObject) as $name => $one) {
            $words[(string) $name] = is_string($one) ? $one : throw $this->wrong("{$key}.{$name}", Phrase::Words);
        }

        return $words;
    }

    /** @return non-empty-list<float> */
    public function numbers(string $key): array
    {
        $value = $this->ask($key);
        $numbers = [];
        foreach (is_array($value) && array_is_list($value) ? $value : [] as $one) {
            $numbers[] = is_int($one) || is_float($one) ? (float) $one : throw $this->wrong($key, Phrase::Numbers);
        }

        return $numbers === [] ? throw $this->wrong($key, Phrase::OneNumberAtLeast) : $numbers;
    }

    /** @throws OutOfRange for a key nobody asked for */
    public function noMore(): void
    {
        foreach (array_keys($this->values) as $key) {
            if (! isset($this->asked[(string) $key])) {
                $name = $this->at((string) $key);
                throw OutOfRange::field(
                    $name,
                    Phrase::IsNotKnownHere,
                    Phrase::List,
                    ['list' => implode(', ', array_keys($this->asked))],
                );
            }
        }
    }

    /** @param  array<string, string>  $parts  of what is allowed */
    public function wrong(string $key, Saying $allowed, array $parts = []): OutOfRange
    {
        return OutOfRange::field($this->at($key), Phrase::MustBe, $allowed, $parts);
    }

    private function ask(string $key): mixed
    {
        $this->asked[$key] = true;

        return $this->values[$key] ?? null;
    }
}
