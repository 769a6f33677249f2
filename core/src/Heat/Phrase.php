<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AtLeast = 'at-least';
    case AtLeast2 = 'at-least2';
    case AtMostASmallerDifferenceSays = 'at-most-a-smaller-difference-says';
    case AtMostASmallerFallSays = 'at-most-a-smaller-fall-says';
    case LessItWouldCarryOffMore = 'less-it-would-carry-off-more';
    case LessThanItWouldCarryOff = 'less-than-it-would-carry-off';
    case OneFailedOffLeavesTooLittle = 'one-failed-off-leaves-too-little';
    case OneStuckOnReachesHarm = 'one-stuck-on-reaches-harm';
    case TooLittleAllOnGive = 'too-little-all-on-give';

    public static function room(): string
    {
        return 'heat';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
