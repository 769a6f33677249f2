<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

/** What follows from facts nobody is sure of: the least, the likely, the most, and which fact would narrow it most. */
final readonly class Unsure
{
    /** What never happens, beside hours that can be measured. */
    private const NEVER = 1e6;

    /** @param  list<string>  $narrows  facts nobody is sure of, the one that would narrow it most first */
    private function __construct(public float $low, public float $likely, public float $high, public array $narrows)
    {
    }

    /**
     * Every corner is tried, so that it does not matter which way a fact pulls.
     *
     * @param  array<string, Span>  $facts  few: each doubles the work
     * @param  callable(array<string, float>): float  $of
     */
    public static function of(array $facts, callable $of): self
    {
        $likely = array_map(fn (Span $s): float => $s->likely, $facts);
        $unsure = array_keys(array_filter($facts, fn (Span $s): bool => ! $s->isSure()));
        [$low, $high] = self::ends($facts, $unsure, $likely, $of);
        $width = self::width($low, $high);
        $gains = [];
        foreach ($unsure as $fact) {
            $rest = array_values(array_diff($unsure, [$fact]));
            $gains[$fact] = $width - self::width(...self::ends($facts, $rest, $likely, $of));
        }
        arsort($gains);

        return new self($low, $of($likely), $high, array_keys($gains));
    }

    public function isSure(): bool
    {
        return $this->narrows === [];
    }

    /**
     * @param  array<string, Span>  $facts
     * @param  list<string>  $open
     * @param  array<string, float>  $values
     * @param  callable(array<string, float>): float  $of
     * @return array{0: float, 1: float}
     */
    private static function ends(array $facts, array $open, array $values, callable $of): array
    {
        if ($open === []) {
            $value = $of($values);

            return [$value, $value];
        }
        $fact = array_shift($open);
        $ends = [];
        foreach ([$facts[$fact]->low, $facts[$fact]->high] as $value) {
            $ends[] = self::ends($facts, $open, [...$values, $fact => $value], $of);
        }

        return [min($ends[0][0], $ends[1][0]), max($ends[0][1], $ends[1][1])];
    }

    private static function width(float $low, float $high): float
    {
        return min($high, self::NEVER) - min($low, self::NEVER);
    }
}
