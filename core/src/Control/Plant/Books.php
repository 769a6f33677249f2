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
                array_sum($ended->saltG) + $ended->saltOutG - array_sum($begun->saltG),
                array_sum($begun->saltG),
            ),
            'heat' => self::share(
                array_sum($ended->storedJ()) - array_sum($begun->storedJ()) - $ended->heatJ,
                array_sum($begun->storedJ()),
            ),
        ];
        if (array_sum($begun->alkMeq) > 0) {
            $books['alkalinity'] = self::share(
                array_sum($ended->alkMeq) - array_sum($begun->alkMeq) - $ended->alkInMeq + $ended->alkOutMeq,
                array_sum($begun->alkMeq) + $ended->alkInMeq,
            );
            $books['carbon'] = self::share(
                array_sum($ended->dicMmol) - array_sum($begun->dicMmol) - $ended->dicInMmol + $ended->dicOutMmol,
                array_sum($begun->dicMmol) + $ended->dicInMmol,
            );
        }

        return $books;
    }

    private static function share(float $missing, float $of): float
    {
        return $of > 0 ? abs($missing) / $of : abs($missing);
    }
}
