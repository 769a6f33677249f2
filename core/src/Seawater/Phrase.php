<?php

declare(strict_types=1);

namespace Velbrin\Core\Seawater;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ARawConductivityOfSeaWater = 'a-raw-conductivity-of-sea-water';
    case AReadingOfWaterBetween0 = 'a-reading-of-water-between0';
    case AReadingOfWaterBetween0And = 'a-reading-of-water-between0-and';
    case ConductivityMsCmGivesSalinityAtC = 'conductivity-ms-cm-gives-salinity-at-c';

    public static function room(): string
    {
        return 'seawater';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
