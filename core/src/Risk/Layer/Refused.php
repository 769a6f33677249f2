<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** Why a protection does not count against a fault. */
enum Refused: string
{
    case TooLate = 'too-late';
    case Never = 'never';
    case SharesFault = 'shares-fault';
    case MayShareFault = 'may-share-fault';
    case Out = 'out';

    public function words(): string
    {
        return match ($this) {
            self::TooLate => 'acts after the harm',
            self::Never => 'does not act in this fault',
            self::SharesFault => 'hangs on what failed',
            self::MayShareFault => 'may hang on what failed: nobody wrote it down',
            self::Out => 'is not there now',
        };
    }
}
