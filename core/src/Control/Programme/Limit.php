<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What a reading is compared with: something may turn where it passes. */
final readonly class Limit
{
    /** @param  bool  $isAbove  a reading at the limit counts with those above it */
    private function __construct(
        public float $at,
        public bool $isAbove,
        public bool $turnsRising = true,
        public bool $turnsFalling = true,
    ) {
    }

    /** At the limit or above it, against below it. */
    public static function from(float $at): self
    {
        return new self($at, true);
    }

    /** Above the limit, against at it or below it. */
    public static function beyond(float $at): self
    {
        return new self($at, false);
    }

    /** Nothing turns when it is passed downwards. */
    public function rising(): self
    {
        return new self($this->at, $this->isAbove, turnsFalling: false);
    }

    /** Nothing turns when it is passed upwards. */
    public function falling(): self
    {
        return new self($this->at, $this->isAbove, turnsRising: false);
    }
}
