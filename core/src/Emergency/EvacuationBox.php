<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Moves\Brief\Animal;

/** A box that animals are caught into, with the hours it holds them: without air, and with a stone that runs. */
final readonly class EvacuationBox
{
    /**
     * @param  list<Animal>  $animals  in the order they are caught
     * @param  float|null  $stillH  nothing brings air; null: corals only, as long as they stay warm
     * @param  float|null  $airedH  a stone runs; null: nothing ends it
     */
    public function __construct(public array $animals, public float $demandMgH, public ?float $stillH, public ?float $airedH)
    {
    }

    /** The hours to count on: without air, since a battery may be empty. */
    public function hours(): ?float
    {
        return $this->stillH ?? $this->airedH;
    }
}
