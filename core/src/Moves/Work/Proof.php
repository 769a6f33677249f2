<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

/** How a step is shown to be done. */
enum Proof: string
{
    /** Somebody says so, and what was found. */
    case Said = 'said';

    /** Yes or no; no ends the work as planned. */
    case YesNo = 'yes-no';

    /** Yes or no, with a photo of what was looked at. */
    case Verdict = 'verdict';

    /** A number within its limits. */
    case Number = 'number';

    /** So many of them, at one visit or at several. */
    case Count = 'count';

    /** A photo of it. */
    case Photo = 'photo';

    /** The new device is in the register, the old one out of it. */
    case Register = 'register';

    /** A vessel has joined the record, or left it. */
    case Vessel = 'vessel';

    /** Nothing that the change re-opened waits any more. */
    case Ripples = 'ripples';

    public function wantsAnswer(): bool
    {
        return in_array($this, [self::YesNo, self::Verdict], true);
    }

    public function wantsPhoto(): bool
    {
        return in_array($this, [self::Photo, self::Verdict], true);
    }

    /** The record says it, nobody ticks it. */
    public function isOnRecord(): bool
    {
        return in_array($this, [self::Register, self::Vessel, self::Ripples], true);
    }
}
