<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What an outlet does at a moment, who says so, and what its rule would have. */
final readonly class Decision
{
    /**
     * @param  float  $level  0 off, 1 on or full
     * @param  float  $wants  what the rule alone would have
     * @param  string|null  $by  the guard or the pause that speaks
     */
    public function __construct(public float $level, public Says $says, public float $wants, public ?string $by = null)
    {
    }

    public function isOn(): bool
    {
        return $this->level > 0;
    }
}
