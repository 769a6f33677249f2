<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** Of a box seen from above, the cabinet’s opening in front. */
enum Corner: string
{
    case FrontRight = 'front-right';
    case FrontLeft = 'front-left';
    case BackRight = 'back-right';
    case BackLeft = 'back-left';

    public function isLeft(): bool
    {
        return $this === self::FrontLeft || $this === self::BackLeft;
    }

    public function isBack(): bool
    {
        return $this === self::BackLeft || $this === self::BackRight;
    }
}
