<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Whether nothing was made or lost in a run (K-31): what is missing, as a share of what there was. */
final class Books
{
    /** @return array<string, float> water, salt, heat, alkalinity, carbon; 0: it closes */
    public static function of(State $begun, State $ended): array
    {
        $books = [
            'water' => self::share(
                $ended->allL() - $begun->allL() - ($ended->mainsL - $ended->evaporatedL),
                $begun->allL() + $ended->mainsL,
            ),
            'salt' => self::share(
                self::both($ended, 'saltG') + $ended->saltOutG - self::both($begun, 'saltG'),
                self::both($begun, 'saltG'),
            ),
            'heat' => self::share(
                self::storedJ($ended) - self::storedJ($begun) - $ended->heatJ,
                self::storedJ($begun),
            ),
        ];
        if (self::both($begun, 'alkMeq') > 0) {
            $books['alkalinity'] = self::share(
                self::both($ended, 'alkMeq') - self::both($begun, 'alkMeq') - $ended->alkInMeq + $ended->alkOutMeq,
                self::both($begun, 'alkMeq') + $ended->alkInMeq,
            );
            $books['carbon'] = self::share(
                self::both($ended, 'dicMmol') - self::both($begun, 'dicMmol') - $ended->dicInMmol + $ended->dicOutMmol,
                self::both($begun, 'dicMmol') + $ended->dicInMmol,
            );
        }

        return $books;
    }

    /** @param  'saltG'|'alkMeq'|'dicMmol'  $amount */
    private static function both(State $s, string $amount): float
    {
        return $s->display->{$amount} + $s->sump->{$amount};
    }

    private static function storedJ(State $s): float
    {
        return $s->display->storedJ() + $s->sump->storedJ();
    }

    private static function share(float $missing, float $of): float
    {
        return $of > 0 ? abs($missing) / $of : abs($missing);
    }
}
