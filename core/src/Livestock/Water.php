<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

/** A system as a transfer sees it. */
final readonly class Water
{
    /**
     * @param  float|null  $litres  net; null: nobody has said
     * @param  float|null  $fishG  that live in it; null: not all are measured
     */
    public function __construct(
        public string $name,
        public ?float $litres,
        public ?float $fishG,
        public bool $isIsolated = false,
    ) {
    }
}
