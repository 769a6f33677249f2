<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

/** What the record itself says of a work since it began: when each was so, s; null: it is not. */
final readonly class OnRecord
{
    public function __construct(
        public ?float $exchangedS = null,
        public ?float $vesselS = null,
        public ?float $ripplesS = null,
    ) {
    }

    public function at(Proof $proof): ?float
    {
        return match ($proof) {
            Proof::Register => $this->exchangedS,
            Proof::Vessel => $this->vesselS,
            Proof::Ripples => $this->ripplesS,
            default => null,
        };
    }
}
