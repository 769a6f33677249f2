<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A piece in its place: from the left and from the back, mm; turned, its width runs front to back. */
final readonly class Standing
{
    /** Two that touch by less do not stand in each other, mm. */
    public const HAIR_MM = 1e-6;

    public float $rightMm;

    public float $frontMm;

    public function __construct(
        public int $row,
        public Piece $piece,
        public float $xMm,
        public float $yMm,
        public bool $turned,
    ) {
        $this->rightMm = $xMm + ($turned ? $piece->depthMm : $piece->widthMm);
        $this->frontMm = $yMm + ($turned ? $piece->widthMm : $piece->depthMm);
    }

    public function alongMm(): float
    {
        return $this->turned ? $this->piece->depthMm : $this->piece->widthMm;
    }

    public function deepMm(): float
    {
        return $this->turned ? $this->piece->widthMm : $this->piece->depthMm;
    }

    public function touches(self $other): bool
    {
        return $this->overlaps($other->xMm, $other->yMm, $other->rightMm, $other->frontMm);
    }

    public function overlaps(float $left, float $back, float $right, float $front): bool
    {
        return $this->xMm < $right - self::HAIR_MM &&
            $this->rightMm > $left + self::HAIR_MM &&
            $this->yMm < $front - self::HAIR_MM &&
            $this->frontMm > $back + self::HAIR_MM;
    }
}
