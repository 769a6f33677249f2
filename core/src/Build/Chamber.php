<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** One sump chamber in flow order; the last is the return chamber, which takes the length that is left. */
final readonly class Chamber
{
    public function __construct(
        public string $name,
        /** Clear length, mm; null for the return chamber. */
        public ?float $lengthMm,
        /** Edge over which its water leaves, above the inside floor, mm; null for the return chamber. */
        public ?float $baffleMm,
    ) {
    }
}
