<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

/** How much of its longest tests the core runs by itself, to answer within half a minute; the whole of bin/test runs all of them. */
final class Share
{
    public static function isWhole(): bool
    {
        return getenv('VELBRIN_ALL') === '1';
    }

    /**
     * @param  int  $all  of the whole of bin/test
     * @param  int  $alone  of the core by itself
     */
    public static function of(int $all, int $alone): int
    {
        return self::isWhole() ? $all : $alone;
    }
}
