<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The inside of a cabinet and the opening in its front, mm. The opening starts at the cabinet's floor. */
final readonly class Space
{
    private function __construct(
        public float $lengthMm,
        public float $depthMm,
        public float $heightMm,
        public float $doorFromLeftMm,
        public float $doorWidthMm,
        public float $doorHeightMm,
    ) {
    }

    /** @throws OutOfRange when the opening is larger than the front */
    public static function of(
        float $lengthMm,
        float $depthMm,
        float $heightMm,
        float $doorWidthMm,
        float $doorHeightMm,
        ?float $doorFromLeftMm = null,
    ): self {
        foreach (
            [
                'lengthMm' => $lengthMm,
                'depthMm' => $depthMm,
                'heightMm' => $heightMm,
                'doorWidthMm' => $doorWidthMm,
                'doorHeightMm' => $doorHeightMm,
            ] as $field => $value
        ) {
            Guard::positive($field, $value);
        }
        Guard::within('doorWidthMm', $doorWidthMm, 1, $lengthMm);
        Guard::within('doorHeightMm', $doorHeightMm, 1, $heightMm);
        $from = $doorFromLeftMm ?? ($lengthMm - $doorWidthMm) / 2;
        Guard::within('doorFromLeftMm', $from, 0, $lengthMm - $doorWidthMm);

        return new self($lengthMm, $depthMm, $heightMm, $from, $doorWidthMm, $doorHeightMm);
    }
}
