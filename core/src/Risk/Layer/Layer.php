<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

use Velbrin\Core\Risk\Rate\Span;

/** One thing that stops a fault from doing harm: how it can fail, what it hangs on, and when it has acted (R-24, X-20). */
final readonly class Layer
{
    public function __construct(
        public string $id,
        public string $name,
        public LayerKind $kind,
        /** Chance that it fails when it is needed, by itself. */
        public Span $fails,
        public Hangs $hangs,
        /** Hours from the fault until it has acted; null: it does not, or not in this fault. */
        public ?float $actsH = 0.0,
        public ?Kin $kin = null,
        /** Somebody made it act, recently enough. */
        public bool $isTested = false,
        /** A device that is away or off, with the reason. */
        public ?string $outOf = null,
        /** Years since then, where somebody wrote down the day. */
        public ?float $testedYears = null,
    ) {
    }
}
