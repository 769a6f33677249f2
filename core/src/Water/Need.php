<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** Water that must be on a van at a departure. */
final readonly class Need
{
    public function __construct(
        public string $key,
        public string $label,
        public float $litres,
        /** Key of the mix; null for plain RO water. */
        public ?string $mix,
        public float $salinity,
        /** Hours from now at which the van leaves. */
        public float $departH,
    ) {
    }

    public function of(float $litres): self
    {
        return new self($this->key, $this->label, $litres, $this->mix, $this->salinity, $this->departH);
    }

    public function departing(float $departH): self
    {
        return new self($this->key, $this->label, $this->litres, $this->mix, $this->salinity, $departH);
    }
}
