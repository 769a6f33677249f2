<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

/** Mixed, warm, measured water that stands ready and is not kept in reserve. */
final readonly class MixedStock
{
    /** g/kg apart; what is mixed for another salinity is other water. */
    public const SAME_SALINITY = 0.3;

    public function __construct(
        public string $mix,
        public float $salinity,
        public float $litres,
        /** Hours from now. */ public float $fromH,
        public float $untilH,
    ) {
    }

    public function serves(Need $need, float $byH): bool
    {
        return $need->mix === $this->mix &&
            abs($need->salinity - $this->salinity) <= self::SAME_SALINITY &&
            $this->fromH <= $byH &&
            $this->untilH >= $need->departH;
    }

    public function less(float $litres): self
    {
        return new self($this->mix, $this->salinity, $this->litres - $litres, $this->fromH, $this->untilH);
    }
}
