<?php

declare(strict_types=1);

namespace Velbrin\Core\Livestock;

use Velbrin\Core\Measure\Saying;

/** What this room says; the words stand in `words/en.php`. */
enum Phrase: string implements Saying
{
    case AnotherPlaceOrAnotherCoral = 'another-place-or-another-coral';
    case AskForWhatIsMissing = 'ask-for-what-is-missing';
    case FishToTheLitreThere = 'fish-to-the-litre-there';
    case FromIsIsolated = 'from-is-isolated';
    case ItNeeds = 'it-needs';
    case LiftItFirst = 'lift-it-first';
    case MoreThanUsual = 'more-than-usual';
    case MoreWaterOrFewerFish = 'more-water-or-fewer-fish';
    case NobodyCanSayTheLoad = 'nobody-can-say-the-load';
    case OutsideItsLight = 'outside-its-light';
    case TooMuchBleachesTooLittleStarves = 'too-much-bleaches-too-little-starves';
    case WhatLeavesTakesItAlong = 'what-leaves-takes-it-along';

    public static function room(): string
    {
        return 'livestock';
    }

    public static function folder(): string
    {
        return __DIR__.'/words';
    }
}
