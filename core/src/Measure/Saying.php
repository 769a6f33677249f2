<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

use BackedEnum;

/**
 * What a room can say, by its code. The words stand in the room's catalogue, one file a language: `words/en.php` beside the enum, each
 * code with its ICU message. A code once given away is kept; its words may be put better at any time.
 */
interface Saying extends BackedEnum
{
    /** Name of the room, first half of the code. */
    public static function room(): string;

    /** Where the words of the room stand, a file for each language. */
    public static function folder(): string;
}
