<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** One look at a time, with its answers: each leads to the next look or to a cause. */
final readonly class Check
{
    /**
     * @param  CheckWay  $way  what kind of proof it is
     * @param  array<string, string|Cause>  $answers  by the answer's words: key of the next check, or the cause
     */
    public function __construct(
        public CheckWay $way,
        public string $ask,
        public array $answers,
        public ?string $how = null,
        public ?string $caution = null,
    ) {
    }
}
