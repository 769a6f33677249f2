<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Cause;

/** Many systems with one cause, as one line. */
final readonly class CauseView
{
    private function __construct(public string $code, public int $count, public string $words, public string $lacks)
    {
    }

    public static function of(Cause $cause, int $count): self
    {
        return new self($cause->code(), $count, "{$count} systems {$cause->words()}", $cause->state->words());
    }
}
