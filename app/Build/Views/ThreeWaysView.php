<?php

declare(strict_types=1);

namespace App\Build\Views;

use Velbrin\Core\Build\ThreeWays;
use Velbrin\Core\Measure\Units;

/** A fact that the record moved while a refit was planned. */
final readonly class ThreeWaysView
{
    private function __construct(
        public string $field,
        public string $label,
        public string $base,
        public string $plan,
        public string $record,
        public bool $isConflict,
    ) {
    }

    /**
     * @param  list<ThreeWays>  $open
     * @return list<self>
     */
    public static function all(array $open, Units $units): array
    {
        return array_map(
            fn (ThreeWays $t): self => new self(
                field: $t->field,
                label: FactWords::label($t->field),
                base: FactWords::of($t->field, $t->base, $units),
                plan: FactWords::of($t->field, $t->plan, $units),
                record: FactWords::of($t->field, $t->record, $units),
                isConflict: $t->state === ThreeWays::CONFLICT,
            ),
            $open,
        );
    }
}
