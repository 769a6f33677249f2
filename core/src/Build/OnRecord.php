<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\NoHeater;

/** What a running system's record knows beside the facts of its build (R-49): it decides, not a proposal. */
final readonly class OnRecord
{
    /**
     * @param  list<Heater>  $heaters  that stand in it and are on
     * @param  list<string>  $withoutWatts  heaters whose watts nobody wrote down
     * @param  float|null  $measuredL  measured volume, L; null: not measured (W-6)
     */
    public function __construct(
        public array $heaters,
        public array $withoutWatts = [],
        public ?float $measuredL = null,
        public ?NoHeater $noHeater = null,
    ) {
    }
}
