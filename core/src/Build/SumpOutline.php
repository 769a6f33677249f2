<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Cabinet\Corner;
use Velbrin\Core\Cabinet\Cut;
use Velbrin\Core\Cabinet\Rect;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Vessel\Footprint;
use Velbrin\Core\Vessel\LShape;
use Velbrin\Core\Vessel\Rectangular;

/** The sump from above: a box, or an L where a corner is cut out of it (B-98). Its water comes in at the left. mm. */
final readonly class SumpOutline
{
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $wallMm,
        public ?Cut $cut,
    ) {
    }

    /**
     * @throws Missing
     * @throws OutOfRange on a cut that leaves no room for water beside it
     */
    public static function of(Facts $facts): self
    {
        $length = $facts->number(F::SumpLengthMm);
        $width = $facts->number(F::SumpWidthMm);
        $wall = $facts->number(F::SumpWallMm);
        if (! $facts->brief->hasAny(F::SumpCutLengthMm, F::SumpCutDepthMm)) {
            return new self($length, $width, $wall, null);
        }
        $facts->need(F::SumpCutLengthMm, F::SumpCutDepthMm, F::SumpCutAt);
        $along = self::within(F::SumpCutLengthMm, $facts, $length - 3 * $wall);
        $deep = self::within(F::SumpCutDepthMm, $facts, $width - 3 * $wall);

        return new self($length, $width, $wall, new Cut(Corner::from($facts->word(F::SumpCutAt)), $along, $deep));
    }

    /** @throws OutOfRange on sizes that cannot be */
    public function footprint(): Footprint
    {
        return $this->cut === null
            ? Rectangular::outer($this->lengthMm, $this->widthMm)
            : LShape::outer(
                $this->lengthMm,
                $this->widthMm - $this->cut->deepMm,
                $this->lengthMm - $this->cut->alongMm,
                $this->cut->deepMm,
            );
    }

    public function insideLengthMm(): float
    {
        return $this->lengthMm - 2 * $this->wallMm;
    }

    /** Front to back inside, so far from the end where its water comes in. */
    public function insideWidthMm(float $atMm): float
    {
        $full = $this->widthMm - 2 * $this->wallMm;

        return $this->cut === null || $this->narrowMm($atMm, $atMm + 1e-3) <= 0 ? $full : $full - $this->cut->deepMm;
    }

    /** Of the inside between two distances from the end where its water comes in, m². */
    public function areaM2(float $fromMm, float $toMm): float
    {
        $full = ($toMm - $fromMm) * ($this->widthMm - 2 * $this->wallMm);

        return ($full - $this->narrowMm($fromMm, $toMm) * ($this->cut->deepMm ?? 0.0)) / 1e6;
    }

    /**
     * Where a device may stand between those distances, in the sump’s own box.
     *
     * @return non-empty-list<Rect>
     */
    public function patches(float $fromMm, float $toMm): array
    {
        $wall = $this->wallMm;
        $whole = new Rect($fromMm + $wall, $wall, $toMm + $wall, $this->widthMm - $wall);
        $narrow = $this->narrowMm($fromMm, $toMm);
        if ($this->cut === null || $narrow <= 0) {
            return [$whole];
        }
        $beside = $this->cut->corner->isBack()
            ? new Rect($whole->leftMm, $whole->backMm + $this->cut->deepMm, $whole->rightMm, $whole->frontMm)
            : new Rect($whole->leftMm, $whole->backMm, $whole->rightMm, $whole->frontMm - $this->cut->deepMm);
        if ($narrow >= $toMm - $fromMm) {
            return [$beside];
        }
        $wide = $this->cut->corner->isLeft()
            ? new Rect($whole->leftMm + $narrow, $whole->backMm, $whole->rightMm, $whole->frontMm)
            : new Rect($whole->leftMm, $whole->backMm, $whole->rightMm - $narrow, $whole->frontMm);

        return [$wide, $beside];
    }

    /** How much of that stretch lies beside the cut. */
    private function narrowMm(float $fromMm, float $toMm): float
    {
        if ($this->cut === null) {
            return 0.0;
        }
        [$from, $to] = $this->cut->corner->isLeft()
            ? [0.0, $this->cut->alongMm]
            : [$this->insideLengthMm() - $this->cut->alongMm, $this->insideLengthMm()];

        return max(0.0, min($toMm, $to) - max($fromMm, $from));
    }

    /** @throws OutOfRange */
    private static function within(F $field, Facts $facts, float $most): float
    {
        $mm = $facts->number($field);

        return $mm <= $most
            ? $mm
            : throw OutOfRange::number(
                $field->value,
                $mm,
                Phrase::SmallerThanTheSump,
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of(max(0.0, $most), Kind::Length),
            );
    }
}
