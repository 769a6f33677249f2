<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What new water is compared with has an age: readings of the last 14 days, the temperature of now (C-60). */
final readonly class ComparedWith
{
    public const DAYS = 14.0;

    /** A temperature stands for "now" this long, days: a visit. */
    public const NOW_DAYS = 2 / 24;

    /** @param  array<string, float|null>  $ageDays  of the reading used, by its word; null: never read */
    private function __construct(private array $ageDays)
    {
    }

    /** @param  array<string, float|null>  $ageDays  temperature, salinity, alkalinity, pH; null: never read */
    public static function of(array $ageDays): self
    {
        return new self($ageDays);
    }

    /** @return list<string> what is to be read again first */
    public function stale(): array
    {
        $isStale = fn (?float $age, string $what): bool => $age !== null && $age > self::most($what);

        return array_keys(array_filter($this->ageDays, $isStale, ARRAY_FILTER_USE_BOTH));
    }

    public function counts(string $what): bool
    {
        return isset($this->ageDays[$what]) && $this->ageDays[$what] <= self::most($what);
    }

    /** "Compared with a temperature of 3 h ago and a salinity of 5 days ago." */
    public function sentence(): Sentence
    {
        $read = [];
        foreach ($this->ageDays as $what => $age) {
            if ($age !== null) {
                $read[] = Sentence::of(Phrase::ReadAgo, [
                    'what' => $what,
                    'age' => $age < 1.0 ? Quantity::of(24 * $age, Kind::Hours) : Quantity::of($age, Kind::Days),
                ]);
            }
        }

        return $read === []
            ? Sentence::of(Phrase::ComparedWithNothing)
            : Sentence::of(Phrase::ComparedWith, ['what' => Sentence::listed(Phrase::OneAfterTheOther, ...$read)]);
    }

    private static function most(string $what): float
    {
        return $what === 'temperature' ? self::NOW_DAYS : self::DAYS;
    }
}
