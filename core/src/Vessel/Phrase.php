<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AtMostHalfTheLength = 'at-most-half-the-length';
    case AtMostTheWaterDepth = 'at-most-the-water-depth';
    case AtMostWhatTheBoxRound = 'at-most-what-the-box-round';
    case LessThanTheHeight = 'less-than-the-height';
    case LessThanTheInsideHeight = 'less-than-the-inside-height';
    case LessThanTheLength = 'less-than-the-length';
    case LittleEnoughToLeaveWater = 'little-enough-to-leave-water';
    case ThinEnoughToLeaveRoomInside = 'thin-enough-to-leave-room-inside';

    public static function room(): string
    {
        return 'vessel';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
