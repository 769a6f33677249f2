<?php

declare(strict_types=1);

namespace App\House;

/** Money is whole minor units; this is only how it is written. */
final class Money
{
    public static function shown(int $minor): string
    {
        $currency = config()->string('velbrin.currency');

        return $currency."\u{00A0}".number_format($minor / 100, 2, '.', "\u{202F}");
    }
}
