<?php

declare(strict_types=1);

namespace App\Systems;

/** What became of a reading somebody typed. */
final readonly class TakenReading
{
    public const KEPT = 'kept';

    public const KNOWN = 'known';

    public const ASKED = 'asked';

    public const REFUSED = 'refused';

    public function __construct(
        public string $outcome,
        public string $words,
        public string $field = 'value',
        public bool $judged = false,
    ) {
    }
}
