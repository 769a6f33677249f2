<?php

declare(strict_types=1);

namespace App\House;

/** Money is whole minor units; this is only how it is written. */
final class Money
{
    /** Of an average or an estimate: whole units, since cents would promise too much. */
    public static function about(float $amount): string
    {
        return config()->string('velbrin.currency')."\u{00A0}".number_format($amount, 0, '.', "\u{202F}");
    }

    public static function shown(int $minor): string
    {
        $currency = config()->string('velbrin.currency');

        return $currency."\u{00A0}".number_format($minor / 100, 2, '.', "\u{202F}");
    }
}
