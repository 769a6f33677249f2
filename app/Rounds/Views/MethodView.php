<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Water\ChangeMethod;

/** One way of using the same water. */
final readonly class MethodView
{
    private function __construct(public string $name, public string $oldShare, public ?string $nitrate)
    {
    }

    public static function of(ChangeMethod $m, Units $units): self
    {
        return new self(
            $m->name,
            $units->show(Quantity::of(100 * $m->oldShare, Kind::Percent)),
            $m->after === null ? null : $units->show(Quantity::of($m->after, Kind::Concentration)),
        );
    }
}
