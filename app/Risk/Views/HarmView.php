<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Harm;

final readonly class HarmView
{
    private function __construct(
        public string $by,
        public ?float $hours,
        public string $limit,
        public ?float $lossHours,
        public bool $assumed,
    ) {
    }

    public static function of(Harm $harm, Units $units): self
    {
        $by = $harm->by === 'sump' ? 'the sump’s temperature' : $harm->by;

        $beyond = $harm->kelvinHours > 0 ? sprintf(' and %g K·h beyond it', $harm->kelvinHours) : '';

        return new self($by, $harm->hours, $units->show($harm->limit).$beyond, $harm->lossHours, $harm->assumed);
    }
}
