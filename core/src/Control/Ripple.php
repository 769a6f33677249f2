<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Build\Figure;

/** One thing a change re-opens: looked at and confirmed by somebody, one by one. */
final readonly class Ripple
{
    public function __construct(
        /** Stable name of what it re-opens. */
        public string $subject,
        public string $label,
        /** What to look at, in a sentence. */
        public string $check,
        public string $rule,
        public ?Figure $before = null,
        public ?Figure $after = null,
    ) {
    }
}
