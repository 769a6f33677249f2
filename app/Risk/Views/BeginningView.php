<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Standing\Beginning;

/** One way a hazard begins: after how many hours it harms, what stands against it then. */
final readonly class BeginningView
{
    /** @param  list<CreditView>  $credits */
    private function __construct(public string $by, public ?float $harmH, public array $credits)
    {
    }

    public static function of(Beginning $beginning): self
    {
        return new self(
            by: $beginning->by,
            harmH: $beginning->harm?->hours,
            credits: array_map(fn (Credit $c): CreditView => CreditView::of($c), $beginning->credits),
        );
    }
}
