<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** Where a fault-finding sheet ends: what it is, which part, what follows and when somebody looks again (P-21). */
final readonly class Cause
{
    /** @param  int  $days  until the follow-up, 0 for at once */
    public function __construct(
        public string $says,
        public string $part,
        public string $follow,
        public int $days,
        public ?string $caution = null,
    ) {
    }
}
