<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** A number with what it measures, in the core's unit of that kind. */
final readonly class Quantity
{
    private function __construct(
        public float $value,
        public Kind $kind,
        /** Digits shown beyond the usual ones of its kind, for slopes and other small differences. */
        public int $moreDigits = 0,
    ) {
    }

    /** @throws OutOfRange when the value is not finite */
    public static function of(float $value, Kind $kind): self
    {
        return new self(Guard::finite($kind->name, $value), $kind);
    }

    public function finer(int $digits): self
    {
        return new self($this->value, $this->kind, $digits);
    }
}
