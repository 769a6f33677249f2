<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** The kinds of proof, in the order they are worth trying: believe no single instrument, then no single part. */
enum CheckWay: string
{
    case SecondInstrument = 'second-instrument';
    case Power = 'power';
    case Swap = 'swap';
    case Look = 'look';

    public function label(): string
    {
        return match ($this) {
            self::SecondInstrument => 'second instrument',
            self::Power => 'power reading',
            self::Swap => 'known-good swap',
            self::Look => 'look',
        };
    }
}
