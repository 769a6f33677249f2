<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

/** No heater, on purpose (R-50, X-2, X-3): why, while what holds, and when it is looked at again. */
final readonly class NoHeater
{
    public function __construct(
        public string $because,
        public string $while,
        /** The day it is to be looked at again has passed. */
        public bool $isOverdue,
    ) {
    }
}
