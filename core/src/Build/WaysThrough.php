<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** Every large piece at every place of the way, in and out, as it is drawn (B-2, B-82). */
final readonly class WaysThrough
{
    /**
     * @param  list<array{piece: string, row: int, name: string, subject: string, passage: Passage, in: Access, out: Access|null}>  $ways
     *   out: only where the finished place is another
     */
    public function __construct(public array $ways)
    {
    }
}
