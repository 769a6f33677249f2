<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What a system’s record holds that a standing job would be done to; null: nobody has said. */
final readonly class OnTheRecord
{
    public function __construct(
        public ?bool $doser = null,
        public ?bool $sand = null,
        public ?bool $alarm = null,
        public ?bool $topOff = null,
        public ?bool $skimmer = null,
        public ?bool $returnPump = null,
        public ?bool $battery = null,
        /** Lamps hang over sheaves or a winch, or rise for work (B-84). */
        public ?bool $hoisted = null,
    ) {
    }
}
