<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Risk\Cause;
use Velbrin\Core\Risk\HandState;

/** Many systems with one cause, as one line. */
final readonly class CauseView
{
    private function __construct(
        public string $code,
        public int $count,
        public string $words,
        public string $lacks,
        public Severity $severity,
    ) {
    }

    public static function of(Cause $cause, int $count): self
    {
        return new self(
            $cause->code(),
            $count,
            "{$count} systems {$cause->words()}",
            $cause->state->words(),
            $cause->state === HandState::AtMost ? Severity::Watch : Severity::Fix,
        );
    }
}
