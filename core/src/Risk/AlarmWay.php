<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** One alarm and whom it calls, in order (X-24). */
final readonly class AlarmWay
{
    /**
     * @param  list<Hazard>  $watches
     * @param  list<Called>  $chain
     */
    public function __construct(
        public string $name,
        public array $watches,
        public float $delayMin,
        /** Somebody made it call, recently enough. */
        public bool $tested,
        /** Its power and link live on in a power cut. */
        public bool $onItsOwn,
        public array $chain,
    ) {
    }

    public function sees(Hazard $hazard): bool
    {
        return $this->tested && in_array($hazard, $this->watches, true) && ($hazard !== Hazard::PowerCut || $this->onItsOwn);
    }
}
