<?php

declare(strict_types=1);

namespace Velbrin\Core\Power;

/** One plug: what it draws, and on which circuit and strip it hangs. */
final readonly class Load
{
    public function __construct(
        public string $name,
        public LoadKind $kind,
        public float $watts,
        /** For a moment when the power comes back, W. */
        public float $startW,
        public int $circuit,
        public int $strip,
        /** Its plug stands above the highest water and outside splash, its lead with a drip loop. */
        public bool $isDry,
        /** What becomes of it without mains: kept, put off, or it must not run. */
        public string $onOutage,
        /** Its row of the table. */
        public int $row = 0,
    ) {
    }
}
