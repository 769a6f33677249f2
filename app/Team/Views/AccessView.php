<?php

declare(strict_types=1);

namespace App\Team\Views;

/** How somebody is let in, and where they are in. */
final readonly class AccessView
{
    /** @param  list<SignedInView>  $sessions  the latest first */
    public function __construct(
        public bool $factorIsOn,
        /** The company asks owners and planners for it. */
        public bool $factorIsAsked,
        public int $codesLeft,
        public int $tokens,
        public array $sessions,
    ) {
    }
}
