<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case ACodeWithWords = 'a-code-with-words';
    case AFiniteNumber = 'a-finite-number';
    case AtLeast0 = 'at-least0';
    case ItHasNoWordsIn = 'it-has-no-words-in';
    case LeastToMost = 'least-to-most';
    case MoreThan0 = 'more-than0';
    case MustBeGot = 'must-be-got';
    case MustBeGotNoNumber = 'must-be-got-no-number';

    public static function room(): string
    {
        return 'measure';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
