<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

/** What stands behind a function, the surest first (R-46). */
enum Backup: string
{
    case RunningPair = 'running-pair';
    case PlumbedStandby = 'plumbed-standby';
    case ShelfUnit = 'shelf-unit';
    case ShelfPart = 'shelf-part';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::RunningPair => 'runs in a pair',
            self::PlumbedStandby => 'standby in place',
            self::ShelfUnit => 'a whole one on the shelf',
            self::ShelfPart => 'a part on the shelf',
            self::None => 'nothing',
        };
    }
}
