<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What somebody found who looked a tank or a stand over (M-1, M-19). */
enum Verdict: string
{
    case Unseen = 'unseen';
    case Sound = 'sound';
    case Doubtful = 'doubtful';
    case Cracked = 'cracked';

    public function label(): string
    {
        return match ($this) {
            self::Unseen => 'nobody has looked',
            default => $this->value,
        };
    }
}
