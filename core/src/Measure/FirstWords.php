<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** The words a plan's sentences had when they were given their codes; a key kept before that is a digest of them. Never changed. */
final class FirstWords
{
    private const ROOM = 'build.';

    /** @var array<string, string>|null */
    private static ?array $words = null;

    /** Null for a sentence that is younger, or of another room. */
    public static function of(?string $code): ?string
    {
        if ($code === null || ! str_starts_with($code, self::ROOM)) {
            return null;
        }
        self::$words ??= self::read();

        return self::$words[substr($code, strlen(self::ROOM))] ?? null;
    }

    /** @return array<string, string> */
    private static function read(): array
    {
        /** @var array<string, string> $words */
        $words = require dirname(__DIR__).'/Build/words/first.php';

        return $words;
    }
}
