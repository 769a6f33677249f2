<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** The one scale: do not go on · put right soon · worth knowing · checked and good. */
enum Severity: string
{
    case Stop = 'stop';
    case Fix = 'fix';
    case Watch = 'watch';
    case Fine = 'fine';

    public function word(): string
    {
        return ucfirst($this->value);
    }

    /** Lower comes first in a list. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Fix => 1,
            self::Watch => 2,
            self::Fine => 3,
        };
    }
}
