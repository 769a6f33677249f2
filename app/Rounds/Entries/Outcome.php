<?php

declare(strict_types=1);

namespace App\Rounds\Entries;

/** What became of an entry: kept, asked once more, refused with the reason, or too early because what it follows has not come yet. */
final readonly class Outcome
{
    public const OK = 'ok';

    public const ASKED = 'asked';

    public const REFUSED = 'refused';

    public const WAIT = 'wait';

    private function __construct(public string $outcome, public ?string $words)
    {
    }

    public static function ok(?string $words = null): self
    {
        return new self(self::OK, $words);
    }

    public static function asked(string $words): self
    {
        return new self(self::ASKED, $words);
    }

    public static function refused(string $words): self
    {
        return new self(self::REFUSED, $words);
    }

    public static function wait(string $words): self
    {
        return new self(self::WAIT, $words);
    }

    public static function stored(string $outcome, ?string $words): self
    {
        return new self($outcome, $words);
    }
}
