<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** Where a value comes from, strongest first (X-1). */
enum Basis: string
{
    case Measured = 'measured';
    case Computed = 'computed';
    case Rated = 'rated';
    case Recalled = 'recalled';
    case Assumed = 'assumed';

    public function words(): string
    {
        return match ($this) {
            self::Measured => 'measured',
            self::Computed => 'computed',
            self::Rated => 'rated by the maker',
            self::Recalled => 'somebody said so',
            self::Assumed => 'assumed',
        };
    }

    public function strength(): int
    {
        return match ($this) {
            self::Measured => 4,
            self::Computed => 3,
            self::Rated => 2,
            self::Recalled => 1,
            self::Assumed => 0,
        };
    }

    /** @param  list<self>  $bases */
    public static function weakest(array $bases): self
    {
        $weakest = self::Measured;
        foreach ($bases as $basis) {
            $weakest = $basis->strength() < $weakest->strength() ? $basis : $weakest;
        }

        return $weakest;
    }
}
