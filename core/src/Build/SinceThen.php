<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;

/** Where today’s arithmetic says something else than was accepted: both stand, side by side. */
final readonly class SinceThen
{
    /** Figures nearer than this share of the accepted one are the same. */
    private const SAME = 1e-6;

    /**
     * @param  list<array{0: Figure|null, 1: Figure|null}>  $figures  as accepted, and as computed today
     * @param  list<Finding>  $stops  said today and not then: they protect all the same
     */
    private function __construct(public array $figures, public array $stops)
    {
    }

    public static function of(PlanAnswers $accepted, PlanAnswers $today): self
    {
        $figures = [];
        foreach (array_keys($accepted->figures + $today->figures) as $key) {
            $then = $accepted->figure($key);
            $now = $today->figure($key);
            if (! self::isSame($then, $now)) {
                $figures[] = [$then, $now];
            }
        }
        $known = array_map(fn (Finding $f): string => $f->key(), $accepted->stops());
        $stops = array_filter($today->stops(), fn (Finding $f): bool => ! in_array($f->key(), $known, true));

        return new self($figures, array_values($stops));
    }

    public function isNothing(): bool
    {
        return $this->figures === [] && $this->stops === [];
    }

    private static function isSame(?Figure $then, ?Figure $now): bool
    {
        $a = $then?->quantity?->value;
        $b = $now?->quantity?->value;
        if ($a === null || $b === null) {
            return $a === $b && $then?->word === $now?->word;
        }

        return abs($a - $b) <= self::SAME * max(1.0, abs($a));
    }
}
