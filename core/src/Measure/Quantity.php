<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** A number with what it measures, in the core's unit of that kind. */
final readonly class Quantity
{
    /** Beyond these a difference is of the arithmetic, not of the thing. */
    private const MOST_DIGITS = 6;

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

    /**
     * As many digits as it takes to tell it from these limits, so that no verdict hides behind rounding (C-61): beside a limit of 3 a
     * value of 2.996 is not shown as "3.00".
     */
    public function apartFrom(float ...$limits): self
    {
        $more = $this->moreDigits;
        foreach ($limits as $limit) {
            while ($more < self::MOST_DIGITS && $this->value !== $limit && $this->looksLike($limit, $more)) {
                $more++;
            }
        }

        return new self($this->value, $this->kind, $more);
    }

    private function looksLike(float $limit, int $moreDigits): bool
    {
        $units = Units::metric();

        return $units->number(new self($this->value, $this->kind, $moreDigits)) ===
            $units->number(new self($limit, $this->kind, $moreDigits));
    }

    public function finer(int $digits): self
    {
        return new self($this->value, $this->kind, $digits);
    }
}
