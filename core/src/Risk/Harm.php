<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/** When a hazard first does harm, and by what. */
final readonly class Harm
{
    public function __construct(
        /** temperature, oxygen, or sump: the sump's temperature while the display cools. */
        public string $by,
        /** Hours from the fault; null: never. */
        public ?float $hours,
        /** The limit crossed, or where it settles when none is. */
        public Quantity $limit,
        public ?Working $working = null,
        /** Oxygen only: hours to 2 mg/L, where animals are lost. */
        public ?float $lossHours = null,
        /** Rests on an assumed fish mass. */
        public bool $assumed = false,
    ) {
    }
}
