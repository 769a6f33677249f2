<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Measure\Sentence;

/** One thing that follows after another, and when. */
final readonly class Event
{
    public function __construct(
        public string $code,
        /** Hours after the first. */
        public float $atH,
        public Sentence $says,
    ) {
    }
}
