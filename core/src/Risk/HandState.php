<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** How one hazard of one system stands tonight. */
enum HandState: string
{
    case NoHarm = 'no-harm';
    case Unnoticed = 'unnoticed';
    case Locked = 'locked';
    case Late = 'late';
    case Open = 'open';
    case AtMost = 'at-most';
    case Short = 'short';
    case InHand = 'in-hand';

    /** Somebody who acts when the fault is noticed comes in time. */
    public function canAct(): bool
    {
        return in_array($this, [self::AtMost, self::Short, self::InHand], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::NoHarm => 'no harm that night',
            self::Unnoticed => 'nobody would notice',
            self::Locked => 'help would stand at a locked door',
            self::Late => 'help comes too late',
            self::Open => 'what it takes is not known',
            self::AtMost => 'the hours rest on an alarm’s limit nobody entered',
            self::Short => 'little time in hand',
            self::InHand => 'time in hand',
        };
    }
}
