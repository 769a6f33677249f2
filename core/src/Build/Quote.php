<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;

/** Quantities times prices, in whole minor units throughout (B-70). */
final readonly class Quote
{
    /**
     * @param  array<string, int|null>  $lineMinor  by key; null where no price is known
     */
    private function __construct(
        public array $lineMinor,
        public int $netMinor,
        public int $taxMinor,
        public int $totalMinor,
    ) {
    }

    /**
     * @param  list<TakeOffLine>  $lines
     * @param  array<string, int>  $priceMinor  of one, by key
     * @param  int  $taxBasisPoints  hundredths of a percent
     *
     * @throws OutOfRange
     */
    public static function of(array $lines, array $priceMinor, int $taxBasisPoints): self
    {
        if ($taxBasisPoints < 0 || $taxBasisPoints > 10000) {
            throw OutOfRange::number('taxBasisPoints', $taxBasisPoints, Phrase::N0To10000);
        }
        $each = [];
        $net = 0;
        foreach ($lines as $line) {
            $price = $priceMinor[$line->key] ?? null;
            $each[$line->key] = $price === null ? null : (int) round($line->quantity->value * $price);
            $net += $each[$line->key] ?? 0;
        }
        $tax = (int) round(($net * $taxBasisPoints) / 10000);

        return new self($each, $net, $tax, $net + $tax);
    }

    /** @return list<string> keys without a price */
    public function unpriced(): array
    {
        return array_keys(array_filter($this->lineMinor, fn (?int $m): bool => $m === null));
    }
}
