<?php

declare(strict_types=1);

namespace App\Rounds;

/** What the standard set began, and what it left out. */
final readonly class StandardStart
{
    /** @param  list<string>  $leftOut  each with its reason */
    public function __construct(public int $made, public array $leftOut)
    {
    }

    public function words(): string
    {
        $left = $this->leftOut === [] ? '' : ' Left out: '.implode('; ', $this->leftOut).'.';

        return "{$this->made} jobs of the regime, due now: none was ever done here.{$left}";
    }
}
