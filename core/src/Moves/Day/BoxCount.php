<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Moves\Brief\Box;

/** How many animals of a box were counted on the day, each time they changed water. */
final readonly class BoxCount
{
    /**
     * @param  int  $planned  meant for it
     * @param  int|null  $in  counted in; null: nobody has
     * @param  int|null  $home  counted out of it into their new water; null: nobody has
     * @param  int|null  $held  counted out of it into the holding; null: nobody has
     * @param  int  $lost  of those meant for it, signed for
     * @param  int  $lostBefore  of these, before the box was counted in
     */
    public function __construct(
        public Box $box,
        public int $planned,
        public ?int $in,
        public ?int $home,
        public ?int $held,
        public int $lost,
        public int $lostBefore,
        public bool $isLoaded,
        public bool $isOff,
    ) {
    }

    /** Not in it and not signed for when it was counted in; below nothing: more than were meant for it. */
    public function short(): int
    {
        return $this->planned - ($this->in ?? 0) - $this->lostBefore;
    }

    /** Somebody has counted what came out of it. */
    public function isEmptied(): bool
    {
        return $this->home !== null || $this->held !== null;
    }

    public function out(): int
    {
        return ($this->home ?? 0) + ($this->held ?? 0);
    }

    /** In it still, by what went in; null: nobody has counted. Below nothing: more came out than went in. */
    public function inside(): ?int
    {
        return $this->in === null ? null : $this->in - $this->out() - ($this->lost - $this->lostBefore);
    }
}
