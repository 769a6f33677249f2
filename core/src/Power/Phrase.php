<?php

declare(strict_types=1);

namespace Velbrin\Core\Power;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AsTheRestOfStrip = 'as-the-rest-of-strip';
    case MoreThan0AndAtMost = 'more-than0-and-at-most';
    case MoreThan0WhenNothing = 'more-than0-when-nothing';

    public static function room(): string
    {
        return 'power';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
