<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What a place does differently at one step of a job. */
enum SiteDoes: string
{
    case Instead = 'instead';
    case After = 'after';
    case Skip = 'skip';

    public function label(): string
    {
        return match ($this) {
            self::Instead => 'instead of this step',
            self::After => 'after this step, too',
            self::Skip => 'not this step',
        };
    }
}
