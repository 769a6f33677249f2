<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** Whose turn it is: what alternates, and portions that go round (X-40). */
final class Turns
{
    /** @param  int  $of  how many there are; 0: nothing takes turns */
    public static function after(int $turn, int $of): int
    {
        return $of <= 0 ? 0 : ($turn + 1) % $of;
    }
}
