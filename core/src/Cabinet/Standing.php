<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** A piece in its place: from the left, from the back and above the floor, mm; turned, its width runs front to back. */
final readonly class Standing
{
    public float $rightMm;

    public float $frontMm;

    /** @var list<Rect> its outline where it stands */
    public array $patches;

    public function __construct(
        public int $row,
        public Piece $piece,
        public float $xMm,
        public float $yMm,
        public bool $turned,
        /** Its underside above the cabinet’s floor. */
        public float $zMm = 0.0,
    ) {
        $this->rightMm = $xMm + ($turned ? $piece->depthMm : $piece->widthMm);
        $this->frontMm = $yMm + ($turned ? $piece->widthMm : $piece->depthMm);
        $this->patches = $piece->cut === null
            ? [new Rect($xMm, $yMm, $this->rightMm, $this->frontMm)]
            : array_map($this->placed(...), $piece->patches());
    }

    public function alongMm(): float
    {
        return $this->turned ? $this->piece->depthMm : $this->piece->widthMm;
    }

    public function deepMm(): float
    {
        return $this->turned ? $this->piece->widthMm : $this->piece->depthMm;
    }

    public function topMm(): float
    {
        return $this->zMm + $this->piece->heightMm;
    }

    /** With the room over it that its service takes. */
    public function reachMm(): float
    {
        return $this->zMm + $this->piece->standingMm();
    }

    /** A patch of its own box, unturned, where it lies in the cabinet. */
    public function placed(Rect $patch): Rect
    {
        $own = $this->turned ? $patch->turned($this->piece->depthMm) : $patch;

        return $own->moved($this->xMm, $this->yMm);
    }

    /** They stand in each other, or one stands in the room the other’s service takes. What stands in the sump does not touch it. */
    public function touches(self $other): bool
    {
        return $this->isLevelWith($other) && $this->meetsAny($other->patches);
    }

    /** One is the sump the other stands in. */
    private function isWith(self $other): bool
    {
        return ($this->piece->isSump && $other->piece->inSump !== null) ||
            ($other->piece->isSump && $this->piece->inSump !== null);
    }

    /** @param  list<Rect>  $patches */
    public function meetsAny(array $patches): bool
    {
        foreach ($this->patches as $own) {
            foreach ($patches as $patch) {
                if ($own->meets($patch)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A frame or shelf that is where it stands, or in the room over it. */
    public function hits(Ledge $ledge): bool
    {
        return $this->isLevelWithLedge($ledge) && $this->meetsAny([$ledge->patch]);
    }

    public function isLevelWithLedge(Ledge $ledge): bool
    {
        return $ledge->bottomMm < $this->reachMm() - Rect::HAIR_MM && $ledge->topMm() > $this->zMm + Rect::HAIR_MM;
    }

    /** One would stand in the other, or in the room its service takes, were they in one place. */
    public function isLevelWith(self $other): bool
    {
        if ($this->isWith($other)) {
            return false;
        }

        return ($other->zMm < $this->reachMm() - Rect::HAIR_MM && $other->topMm() > $this->zMm + Rect::HAIR_MM) ||
            ($this->zMm < $other->reachMm() - Rect::HAIR_MM && $this->topMm() > $other->zMm + Rect::HAIR_MM);
    }
}
