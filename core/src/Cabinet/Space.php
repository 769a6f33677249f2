<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The inside of a cabinet, the opening in its front and what is built into it, mm. The opening starts at the cabinet's floor. */
final readonly class Space
{
    /** @param  list<Ledge>  $ledges */
    private function __construct(
        public float $lengthMm,
        public float $depthMm,
        public float $heightMm,
        public float $doorFromLeftMm,
        public float $doorWidthMm,
        public float $doorHeightMm,
        public array $ledges = [],
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

    /** @param  list<Ledge>  $ledges */
    public function with(array $ledges): self
    {
        return new self(
            $this->lengthMm,
            $this->depthMm,
            $this->heightMm,
            $this->doorFromLeftMm,
            $this->doorWidthMm,
            $this->doorHeightMm,
            $ledges,
        );
    }

    /** As small as the tape may have been wrong: every clear size less by that, every frame and shelf lower by it (B-98). */
    public function less(float $toleranceMm): self
    {
        $least = fn (float $mm): float => max(1.0, $mm - $toleranceMm);

        return new self(
            $least($this->lengthMm),
            $least($this->depthMm),
            $least($this->heightMm),
            min($this->doorFromLeftMm, $least($this->lengthMm) - $least($this->doorWidthMm)),
            $least($this->doorWidthMm),
            $least($this->doorHeightMm),
            array_map(fn (Ledge $l): Ledge => $l->swollen($toleranceMm), $this->ledges),
        );
    }

    public function floor(): Rect
    {
        return new Rect(0.0, 0.0, $this->lengthMm, $this->depthMm);
    }

    /** @return list<Ledge> */
    public function shelves(): array
    {
        return array_values(array_filter($this->ledges, fn (Ledge $l): bool => $l->isShelf));
    }
}
