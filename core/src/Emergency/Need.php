<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Risk\Hazard;

/** Something that has to be within reach before the harm, and whether it is (E-1). */
final readonly class Need
{
    /** @param  list<Hazard>  $serves */
    public function __construct(
        public string $code,
        public array $serves,
        /** How much, in its own unit; null: one is enough. */
        public ?float $amount,
        public string $unit,
        /** What is there; null: nobody has said. */
        public ?float $has,
        public ?string $where = null,
        /** Hours until it is in use from there; null: nobody has said. */
        public ?float $withinH = null,
        /** Tested, or not yet out of date; null: nobody has said. */
        public ?bool $isGood = null,
        /** Hours until what lacks is made, brought and in use too; null: it cannot be, or nobody has said. */
        public ?float $restInH = null,
    ) {
    }

    /** Enough of it, good, and in use before the harm; what lacks, once it is there too. */
    public function servesIn(float $harmH): bool
    {
        if (! $this->isEnough()) {
            return $this->restInH !== null && $this->restInH <= $harmH;
        }

        return $this->isGood === true && $this->withinH !== null && $this->withinH <= $harmH;
    }

    public function isEnough(): bool
    {
        return $this->has !== null && $this->has >= ($this->amount ?? 1.0) && $this->has > 0;
    }
}
