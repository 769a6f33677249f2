<?php

declare(strict_types=1);

namespace App\Rounds\Views;

/** Something due that is on no visit yet. */
final readonly class UnseatedView
{
    public function __construct(
        public int $systemId,
        public string $system,
        public string $place,
        public string $what,
        public string $dueOn,
        public string $why,
    ) {
    }
}
