<?php

declare(strict_types=1);

namespace App\House;

/** The key of the house, and those before it: what was signed under an old one still fits. */
final class Keys
{
    /** @return non-empty-list<string> today's first */
    public static function all(): array
    {
        $before = config('app.previous_keys');

        return [config()->string('app.key'), ...array_values(array_filter(is_array($before) ? $before : [], is_string(...)))];
    }
}
