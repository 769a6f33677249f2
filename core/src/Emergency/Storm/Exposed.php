<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Rounds\Spot;

/** A system in the area: when it harms, what would hold it, what is lost if nobody comes. */
final readonly class Exposed
{
    public function __construct(
        public string $id,
        /** Null: nobody put it on the map; it is reached last. */
        public ?Spot $spot,
        /** Hours from the cut to the harm; null: it holds through. */
        public ?float $harmH,
        /** Minutes on site until what was brought works. */
        public float $fixMin,
        /** What has to be brought: battery, generator, hands. */
        public Aid $needs,
        /** Money, or 1 where nobody has said what is at stake. */
        public float $loss,
        /** People are at risk there: first, whatever it costs. */
        public bool $isPeople = false,
    ) {
    }

    /** The latest somebody may arrive, h. */
    public function deadlineH(): ?float
    {
        return $this->harmH === null ? null : $this->harmH - $this->fixMin / 60;
    }
}
