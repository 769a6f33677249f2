<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Finding;

/**
 * Where everything rides: what leaves last stands at the bulkhead, what leaves first at the door; nothing on animals, each thing borne
 * by the floor or wholly by one thing. Judged by payload, axles and sides.
 */
final readonly class Stowage
{
    private const EDGE_MM = 1e-6;

    /**
     * @param  list<Stowed>  $stowed
     * @param  list<Cargo>  $left  what found no place
     * @param  float  $leftShare  of the load on the left half, 0–1
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public array $stowed,
        public array $left,
        public float $kg,
        public ?float $frontKg,
        public ?float $rearKg,
        public float $leftShare,
        public array $findings,
    ) {
    }

    /**
     * @param  list<Cargo>  $cargo
     * @param  string|null  $vehicle  its name where several drive
     */
    public static function of(Truck $truck, array $cargo, ?string $vehicle = null): self
    {
        usort($cargo, fn (Cargo $a, Cargo $b): int => [$b->leaves, $b->lengthMm * $b->widthMm, $a->id] <=> [
            $a->leaves,
            $a->lengthMm * $a->widthMm,
            $b->id,
        ]);
        $stowed = $left = [];
        foreach ($cargo as $one) {
            $place = self::on($truck, $stowed, $one) ?? self::floor($truck, $stowed, $one);
            if ($place === null) {
                $left[] = $one;
            } else {
                $stowed[] = $place;
            }
        }
        $stowed = self::balanced($truck, $stowed);

        return self::judged($truck, $stowed, $left, $vehicle);
    }

    /**
     * What somebody has placed by hand, judged alike.
     *
     * @param  list<Stowed>  $stowed
     * @param  list<Cargo>  $left
     */
    public static function judged(Truck $truck, array $stowed, array $left = [], ?string $vehicle = null): self
    {
        $kg = $truck->crewKg + array_sum(array_map(fn (Stowed $s): float => $s->cargo->kg, $stowed));
        $load = $kg - $truck->crewKg;
        $rear = $truck->wheelbaseMm === null ? null : $truck->emptyRearKg + array_sum(array_map(
            fn (Stowed $s): float => ($s->cargo->kg * ($truck->bulkheadMm + $s->xMm + $s->alongMm / 2)) / $truck->wheelbaseMm,
            $stowed,
        ));
        $front = $rear === null ? null : $truck->emptyFrontKg + $truck->emptyRearKg + $load - $rear;
        $leftKg = array_sum(array_map(
            fn (Stowed $s): float => $s->cargo->kg * self::leftShareOf($s, $truck->widthMm / 2),
            $stowed,
        ));
        $share = $load > 0 ? $leftKg / $load : 0.5;

        return new self(
            stowed: $stowed,
            left: $left,
            kg: $kg,
            frontKg: $front,
            rearKg: $rear,
            leftShare: $share,
            findings: array_map(
                fn (Finding $f): Finding => StowageFindings::in($vehicle, $f),
                StowageFindings::of($truck, new Borne($kg, $front, $rear, $share), $left, self::blocked($stowed)),
            ),
        );
    }

    private static function leftShareOf(Stowed $s, float $middleMm): float
    {
        return min(1.0, max(0.0, ($middleMm - $s->yMm) / $s->acrossMm));
    }

    /**
     * On something that bears it wholly and leaves no sooner.
     *
     * @param  list<Stowed>  $stowed
     */
    private static function on(Truck $truck, array $stowed, Cargo $one): ?Stowed
    {
        foreach ($stowed as $under) {
            if (! $under->cargo->bears || $under->cargo->isAlive || $under->cargo->leaves < $one->leaves) {
                continue;
            }
            foreach (self::ways($one) as [$along, $across]) {
                $place = new Stowed($one, $under->xMm, $under->yMm, $under->zMm + $under->cargo->heightMm, $along, $across);
                $fits = $along <= $under->alongMm + self::EDGE_MM && $across <= $under->acrossMm + self::EDGE_MM;
                if ($fits && self::isFree($truck, $stowed, $place)) {
                    return $place;
                }
            }
        }

        return null;
    }

    /**
     * On the floor, as near to the bulkhead as it goes and then as far left.
     *
     * @param  list<Stowed>  $stowed
     */
    private static function floor(Truck $truck, array $stowed, Cargo $one): ?Stowed
    {
        $xs = [0.0];
        $ys = [0.0];
        foreach ($stowed as $s) {
            if ($s->zMm <= 0) {
                $xs[] = $s->xMm + $s->alongMm;
                $ys[] = $s->yMm + $s->acrossMm;
            }
        }
        $xs = array_unique($xs);
        $ys = array_unique($ys);
        sort($xs);
        sort($ys);
        foreach ($xs as $x) {
            foreach ($ys as $y) {
                foreach (self::ways($one) as [$along, $across]) {
                    $place = new Stowed($one, $x, $y, 0.0, $along, $across);
                    if (self::isFree($truck, $stowed, $place)) {
                        return $place;
                    }
                }
            }
        }

        return null;
    }

    /** @return list<array{0: float, 1: float}> along and across, both ways round, the one first that takes less of the length */
    private static function ways(Cargo $one): array
    {
        $short = min($one->lengthMm, $one->widthMm);
        $long = max($one->lengthMm, $one->widthMm);

        return $short === $long ? [[$short, $long]] : [[$short, $long], [$long, $short]];
    }

    /** @param  list<Stowed>  $stowed */
    private static function isFree(Truck $truck, array $stowed, Stowed $place): bool
    {
        $isInside = $place->xMm + $place->alongMm <= $truck->lengthMm + self::EDGE_MM
            && $place->yMm + $place->acrossMm <= $truck->widthMm + self::EDGE_MM
            && $place->zMm + $place->cargo->heightMm <= $truck->heightMm + self::EDGE_MM;
        if (! $isInside) {
            return false;
        }
        foreach ($stowed as $other) {
            if ($place->overlaps($other)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Rows that lean to one side are turned over where that evens the sides out.
     *
     * @param  list<Stowed>  $stowed
     * @return list<Stowed>
     */
    private static function balanced(Truck $truck, array $stowed): array
    {
        $xs = array_values(array_unique(array_map(fn (Stowed $s): float => $s->xMm, $stowed)));
        rsort($xs);
        $best = $stowed;
        $off = abs(self::judged($truck, $stowed)->leftShare - 0.5);
        foreach ($xs as $x) {
            $turned = array_map(fn (Stowed $s): Stowed => $s->xMm < $x ? $s : new Stowed(
                $s->cargo,
                $s->xMm,
                $truck->widthMm - $s->yMm - $s->acrossMm,
                $s->zMm,
                $s->alongMm,
                $s->acrossMm,
            ), $best);
            $now = abs(self::judged($truck, $turned)->leftShare - 0.5);
            if ($now < $off - 1e-9 && ! self::meet($turned)) {
                [$best, $off] = [$turned, $now];
            }
        }

        return $best;
    }

    /** @param  list<Stowed>  $stowed */
    private static function meet(array $stowed): bool
    {
        foreach ($stowed as $n => $one) {
            foreach (array_slice($stowed, $n + 1) as $other) {
                if ($one->overlaps($other)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<Stowed>  $stowed
     * @return list<array{0: string, 1: string}> animals, and what stands above or doorward of them and leaves later
     */
    public static function blocked(array $stowed): array
    {
        $blocked = [];
        foreach ($stowed as $one) {
            foreach ($one->cargo->isAlive ? $stowed : [] as $other) {
                $isBeside = $other->yMm < $one->yMm + $one->acrossMm - 1e-6 && $one->yMm < $other->yMm + $other->acrossMm - 1e-6;
                $isDoorward = $isBeside && $other->xMm >= $one->xMm + $one->alongMm - 1e-6;
                if ($isDoorward && $other->cargo->leaves > $one->cargo->leaves) {
                    $blocked[] = [$one->cargo->label, $other->cargo->label];
                }
            }
        }

        return $blocked;
    }
}
