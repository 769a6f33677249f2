<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Phrase;

/** A number nobody is sure of: the least, the likely and the most it can be. */
final readonly class Span
{
    private function __construct(public float $low, public float $likely, public float $high)
    {
    }

    /** @throws OutOfRange when they do not rise */
    public static function of(float $low, float $likely, float $high): self
    {
        if (! ($low <= $likely && $likely <= $high)) {
            throw OutOfRange::number(
                'likely',
                $likely,
                Phrase::LowToHigh,
                ['low' => (string) $low, 'high' => (string) $high],
            );
        }

        return new self($low, $likely, $high);
    }

    public static function sure(float $value): self
    {
        return new self($value, $value, $value);
    }

    public function isSure(): bool
    {
        return $this->low === $this->high;
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }

    /** @param  float  $by  at least 0 */
    public function times(float $by): self
    {
        return new self($this->low * $by, $this->likely * $by, $this->high * $by);
    }

    public function plus(self $other): self
    {
        return new self($this->low + $other->low, $this->likely + $other->likely, $this->high + $other->high);
    }

    public function at(Corner $corner): float
    {
        return match ($corner) {
            Corner::Low => $this->low,
            Corner::Likely => $this->likely,
            Corner::High => $this->high,
        };
    }
}
