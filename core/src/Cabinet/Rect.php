<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A right-angled patch seen from above: from the left and from the back, mm. */
final readonly class Rect
{
    /** Two that touch by less do not stand in each other, mm. */
    public const HAIR_MM = 1e-6;

    public function __construct(
        public float $leftMm,
        public float $backMm,
        public float $rightMm,
        public float $frontMm,
    ) {
    }

    public function meets(self $other): bool
    {
        return $this->leftMm < $other->rightMm - self::HAIR_MM &&
            $this->rightMm > $other->leftMm + self::HAIR_MM &&
            $this->backMm < $other->frontMm - self::HAIR_MM &&
            $this->frontMm > $other->backMm + self::HAIR_MM;
    }

    public function holds(self $other): bool
    {
        return $other->leftMm >= $this->leftMm - self::HAIR_MM &&
            $other->rightMm <= $this->rightMm + self::HAIR_MM &&
            $other->backMm >= $this->backMm - self::HAIR_MM &&
            $other->frontMm <= $this->frontMm + self::HAIR_MM;
    }

    public function alongMm(): float
    {
        return $this->rightMm - $this->leftMm;
    }

    public function deepMm(): float
    {
        return $this->frontMm - $this->backMm;
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->leftMm + $xMm, $this->backMm + $yMm, $this->rightMm + $xMm, $this->frontMm + $yMm);
    }

    /** A quarter turn, seen from above with the clock, within a box of that depth. */
    public function turned(float $boxDepthMm): self
    {
        return new self(
            $boxDepthMm - $this->frontMm,
            $this->leftMm,
            $boxDepthMm - $this->backMm,
            $this->rightMm,
        );
    }
}
