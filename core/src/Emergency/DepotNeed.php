<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

/**
 * What one depot has to hold of one kind for the systems it serves (E-1): emergencies come one at a time, so the largest of them decides;
 * what comes over an area takes them all at once.
 */
final readonly class DepotNeed
{
    private function __construct(
        public string $code,
        /** What the largest asks for, in its own unit. */
        public float $largest,
        /** Which system that is. */
        public int $largestOf,
        /** All of them at once. */
        public float $together,
        /** Systems that ask for it. */
        public int $asking,
        /** Of these, as many as what is there and good would do for, one at a time. */
        public int $served,
        /** What is there and good. */
        public float $has,
        /** @var list<float> what each of them asks for, the least first */
        public array $amounts,
    ) {
    }

    /**
     * @param  array<int, array<string, float>>  $asked  amount by code, by system
     * @param  array<string, float>  $has  what is there and good, by code; what is not named is not there
     * @return list<self> what lacks first
     */
    public static function all(array $asked, array $has): array
    {
        $by = [];
        foreach ($asked as $system => $amounts) {
            foreach ($amounts as $code => $amount) {
                $by[$code][$system] = $amount;
            }
        }
        $needs = [];
        foreach ($by as $code => $amounts) {
            $there = $has[$code] ?? 0.0;
            $largest = max($amounts);
            $needs[] = new self(
                code: (string) $code,
                largest: $largest,
                largestOf: (int) array_search($largest, $amounts, true),
                together: array_sum($amounts),
                asking: count($amounts),
                served: count(array_filter($amounts, fn (float $a): bool => $a <= $there)),
                has: $there,
                amounts: self::rising($amounts),
            );
        }
        usort($needs, fn (self $a, self $b): int => $a->served / $a->asking <=> $b->served / $b->asking);

        return $needs;
    }

    /**
     * @param  array<int, float>  $amounts
     * @return list<float>
     */
    private static function rising(array $amounts): array
    {
        sort($amounts);

        return $amounts;
    }

    public function isEnough(): bool
    {
        return $this->served === $this->asking;
    }
}
