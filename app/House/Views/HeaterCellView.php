<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Heat\HeaterSet;
use Velbrin\Core\Measure\Units;

/** One set of heaters on the map of number by watts. */
final readonly class HeaterCellView
{
    private function __construct(
        public int $count,
        public float $watts,
        public ?string $border,
        public string $words,
        public bool $chosen,
    ) {
    }

    public static function of(HeaterSet $set, ?HeaterSet $chosen, Units $units): self
    {
        return new self(
            $set->count,
            $set->wattsEach,
            $set->border(),
            $set->against()?->in($units) ?? 'holds, survives one off, safe when one sticks',
            $set === $chosen,
        );
    }

    /**
     * @param  list<HeaterSet>  $sets
     * @return list<self>
     */
    public static function all(array $sets, ?HeaterSet $chosen, Units $units): array
    {
        return array_map(fn (HeaterSet $s): self => self::of($s, $chosen, $units), $sets);
    }
}
