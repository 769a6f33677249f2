<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The fewest equal changes that bring a value to a target (W-31); a target outside the new water is out of reach (X-33). */
final readonly class ChangePlan
{
    private function __construct(public bool $reachable, public ?int $changes, public ?float $litresEach)
    {
    }

    /**
     * @param  float  $maxFraction  largest share changed at once, 0 < f ≤ 1
     *
     * @throws OutOfRange
     */
    public static function of(float $systemL, float $now, float $fresh, float $target, float $maxFraction): self
    {
        Guard::positive('systemL', $systemL);
        Guard::finite('now', $now);
        Guard::finite('fresh', $fresh);
        Guard::finite('target', $target);
        if (! is_finite($maxFraction) || $maxFraction <= 0 || $maxFraction > 1) {
            throw OutOfRange::number('maxFraction', $maxFraction, Phrase::MoreThan0AndAtMost);
        }
        if ($now === $fresh && $target !== $now) {
            return new self(false, null, null);
        }
        if (self::between($now, $fresh, $target)) {
            return new self(true, 0, 0.0);
        }
        if ($target === $fresh) {
            return $maxFraction >= 1.0 ? new self(true, 1, $systemL) : new self(false, null, null);
        }
        if (! self::between($target, $fresh, $now)) {
            return new self(false, null, null);
        }
        $left = ($target - $fresh) / ($now - $fresh);
        // A count that comes out whole must not be pushed up by the last binary digit.
        $changes = $maxFraction >= 1.0 ? 1 : (int) ceil(log($left) / log(1 - $maxFraction) - 1e-9);
        $changes = max(1, $changes);

        return new self(true, $changes, $systemL * (1 - $left ** (1 / $changes)));
    }

    private static function between(float $x, float $a, float $b): bool
    {
        return $x >= min($a, $b) && $x <= max($a, $b);
    }
}
