<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\House\Money;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Measures\School;

/** A way of keeping a system: what a year of it costs, and what it asks. */
final readonly class SchoolView
{
    /** @param  list<string>  $measures  in words */
    private function __construct(
        public string $name,
        public float $year,
        public array $measures,
        /** Once, as far as there are prices; null: nothing of it has one. */
        public ?string $price,
        /** Measures nobody has priced. */
        public int $unpriced,
        public float $upkeepMin,
        public int $devices,
    ) {
    }

    /** @param  array<string, int>  $prices  minor units by measure */
    public static function of(School $school, array $prices): self
    {
        $known = array_filter(
            array_map(fn (MeasureKind $k): ?int => $prices[$k->value] ?? null, $school->measures),
            fn (?int $p): bool => $p !== null,
        );

        return new self(
            name: $school->name,
            year: $school->year,
            measures: array_map(fn (MeasureKind $k): string => $k->label(), $school->measures),
            price: $known === [] ? null : Money::shown(array_sum($known)),
            unpriced: count($school->measures) - count($known),
            upkeepMin: $school->upkeepMin,
            devices: $school->devices,
        );
    }
}
