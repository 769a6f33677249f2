<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A corner that is not there: what makes an L of a box, mm (B-98). */
final readonly class Cut
{
    public function __construct(public Corner $corner, public float $alongMm, public float $deepMm)
    {
    }

    /**
     * What is left of a box: a strip over its whole width behind or before the cut, and what stands beside the cut.
     *
     * @return list<Rect>
     */
    public function of(float $widthMm, float $depthMm): array
    {
        $isBack = $this->corner->isBack();
        $strip = $isBack
            ? new Rect(0.0, $this->deepMm, $widthMm, $depthMm)
            : new Rect(0.0, 0.0, $widthMm, $depthMm - $this->deepMm);
        [$left, $right] = $this->corner->isLeft()
            ? [$this->alongMm, $widthMm]
            : [0.0, $widthMm - $this->alongMm];
        $beside = $isBack
            ? new Rect($left, 0.0, $right, $this->deepMm)
            : new Rect($left, $depthMm - $this->deepMm, $right, $depthMm);

        return [$strip, $beside];
    }
}
