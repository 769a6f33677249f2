<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Risk\Hazard;

/** Help for one hazard with somebody and without them, hours from the fault. */
final readonly class LaterHelp
{
    public function __construct(
        public Hazard $hazard,
        public float $harmH,
        public float $withH,
        /** null: nobody comes. */
        public ?float $withoutH,
    ) {
    }

    public function wasInTime(): bool
    {
        return $this->withH <= $this->harmH;
    }

    public function isInTime(): bool
    {
        return $this->withoutH !== null && $this->withoutH <= $this->harmH;
    }
}
