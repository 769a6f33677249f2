<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Consequence;

/** What a move would do, said before it happens. */
final readonly class ConsequenceView
{
    /** @param  list<string>  $sentences */
    private function __construct(public bool $may, public array $sentences, public int $priceMin)
    {
    }

    public static function of(Consequence $c, Units $units): self
    {
        return new self(
            $c->refusal === null,
            array_map(fn (Sentence $s): string => $s->in($units), $c->sentences),
            (int) round($c->priceMin),
        );
    }
}
