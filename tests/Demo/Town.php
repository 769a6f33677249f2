<?php

declare(strict_types=1);

namespace Tests\Demo;

use App\Demo\World;
use Illuminate\Foundation\Testing\RefreshDatabaseState;

/** The demo world of forty systems, made once for all tests that begin with it. Each works in a transaction of its own. */
final class Town
{
    private static bool $stands = false;

    public static function open(): void
    {
        if (! self::$stands) {
            World::make(40, 1, fn (): null => null);
            self::$stands = true;
        }
    }

    /** For tests that begin with nothing: the tables are made anew where it stands. */
    public static function clear(): void
    {
        if (self::$stands) {
            RefreshDatabaseState::$migrated = false;
            self::$stands = false;
        }
    }
}
