<?php

declare(strict_types=1);

namespace App\Rounds;

/** What became of a trial. */
enum Verdict: string
{
    case Keep = 'keep';
    case Drop = 'drop';
    case Unclear = 'unclear';

    public function label(): string
    {
        return match ($this) {
            self::Keep => 'kept',
            self::Drop => 'dropped',
            self::Unclear => 'not told',
        };
    }
}
