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

    private const STRENGTH = ['measured' => 4, 'computed' => 3, 'rated' => 2, 'recalled' => 1, 'assumed' => 0];

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
        return self::STRENGTH[$this->value];
    }

    /** @param  list<self>  $bases */
    public static function weakest(array $bases): self
    {
        $weakest = self::Measured;
        foreach ($bases as $basis) {
            $weakest = self::STRENGTH[$basis->value] < self::STRENGTH[$weakest->value] ? $basis : $weakest;
        }

        return $weakest;
    }
}
