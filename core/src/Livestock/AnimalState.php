<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

/** From a wish to the day it is gone (L-54). */
enum AnimalState: string
{
    case Wished = 'wished';
    case Ordered = 'ordered';
    case Reserved = 'reserved';
    case Quarantine = 'quarantine';
    case Here = 'here';
    case Gone = 'gone';

    public function label(): string
    {
        return match ($this) {
            self::Wished => 'wished for',
            self::Ordered => 'ordered',
            self::Reserved => 'reserved',
            self::Quarantine => 'in quarantine',
            self::Here => 'here',
            self::Gone => 'gone',
        };
    }

    /** It breathes in this water. */
    public function lives(): bool
    {
        return in_array($this, [self::Quarantine, self::Here], true);
    }
}
