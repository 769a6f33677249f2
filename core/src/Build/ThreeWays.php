<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/**
 * A fact of a refit on three sheets: as the record stood when the plan began, as the plan has it, as the record has it now (B-93). What
 * only the record moved would be undone by the plan; what both moved is a conflict that somebody decides.
 */
final readonly class ThreeWays
{
    /** The record moved, the plan still says what it began with. */
    public const MOVED = 'moved';

    /** Both moved, and not to the same. */
    public const CONFLICT = 'conflict';

    /** Two numbers as near as that are one. */
    private const SAME = 1e-9;

    private function __construct(
        public string $field,
        public float|string|null $base,
        public float|string|null $plan,
        public float|string|null $record,
        public string $state,
    ) {
    }

    /**
     * @param  array<string, float|string>  $base
     * @param  array<string, float|string>  $plan
     * @param  array<string, float|string>  $record
     * @return list<self> what somebody has to decide, in the order of the sheet; what only the plan changed is what it is for
     */
    public static function of(array $base, array $plan, array $record): array
    {
        $open = [];
        foreach (array_keys(PlanSheet::fields()) as $field) {
            [$b, $p, $r] = [$base[$field] ?? null, $plan[$field] ?? null, $record[$field] ?? null];
            if (self::same($b, $r) || self::same($p, $r)) {
                continue;
            }
            $open[] = new self($field, $b, $p, $r, self::same($b, $p) ? self::MOVED : self::CONFLICT);
        }

        return $open;
    }

    private static function same(float|string|null $one, float|string|null $other): bool
    {
        return is_float($one) && is_float($other) ? abs($one - $other) <= self::SAME * max(1.0, abs($one)) : $one === $other;
    }
}
