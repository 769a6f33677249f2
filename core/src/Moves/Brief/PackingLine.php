<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** A line of what is taken along, and counted back (M-9, M-17). */
final readonly class PackingLine
{
    /**
     * @param  string  $code  the same line in every list, whatever its words
     * @param  int|null  $count  null: one lot, nobody counts its parts
     * @param  string|null  $owner  whose it is; null: the company’s
     */
    public function __construct(
        public string $code,
        public string $what,
        public ?int $count,
        public string $why = '',
        public ?string $owner = null,
    ) {
    }
}
