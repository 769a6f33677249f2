<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** The only three things said about a floor (B-11). */
enum FloorWord: string
{
    case Within = 'within';
    case Ask = 'ask';
    case Never = 'never';

    public function words(): string
    {
        return match ($this) {
            self::Within => 'within the usual allowance, confirm locally',
            self::Ask => 'ask a structural engineer before ordering',
            self::Never => 'never without a structural engineer',
        };
    }
}
