<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

enum WorkVerb: string
{
    case Add = 'add';
    case Replace = 'replace';
    case Retire = 'retire';

    /** Something new comes into the register. */
    public function brings(): bool
    {
        return $this !== self::Retire;
    }

    public function label(): string
    {
        return match ($this) {
            self::Add => 'add',
            self::Replace => 'replace',
            self::Retire => 'take out for good',
        };
    }
}
