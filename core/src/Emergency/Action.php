<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\Sentence;

/** One thing to do now. */
final readonly class Action
{
    public function __construct(
        public string $code,
        public Sentence $says,
        /** What to mind at that very step. */
        public ?Sentence $caution = null,
    ) {
    }
}
