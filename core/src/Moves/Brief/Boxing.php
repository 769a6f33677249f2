<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Seawater\Seawater;

/**
 * Who rides with whom in as few boxes of one size as may be (M-4, M-21): largest first into the first box that has room and nobody who
 * bites, eats or poisons; of few kinds every way is tried. What is too large for the box, and what nobody has measured, is named.
 */
final class Boxing
{
    /** Kinds of which every way is tried. */
    private const EVERY_WAY = 12;

    /** Then it is given up, and not called proven. */
    private const MOST_TRIES = 20000;

    /** So much longer than another, it eats it. */
    private const EATS = 3.0;

    /** Of a coral, with room not to touch. */
    private const CORAL_L = 2.0;

    /** Of a reef, where nobody has read it. */
    public const REEF_C = 25.0;

    /** A box is so much longer inside than its longest fish. */
    private const LENGTHS = 1.5;

    /** @var list<list<string>> ids by box */
    public array $boxes = [];

    /** @var list<string> ids that go into no box of that size, or that nobody has measured */
    public array $left = [];

    public bool $isProven = false;

    /** No fewer boxes are enough. */
    public int $bound = 0;

    /** @var array<string, float> litres by id */
    private array $litres = [];

    /** @var array<string, Animal> */
    private array $animals = [];

    private int $tries = 0;

    private function __construct(private readonly float $boxL, private readonly float $floorM2)
    {
    }

    /**
     * @param  list<Animal>  $animals
     * @param  float  $boxL  water in each box
     * @param  float  $insideMm  its inside length
     * @param  float  $wideMm  and width
     *
     * @throws OutOfRange
     */
    public static function of(
        array $animals,
        float $boxL,
        float $insideMm,
        float $tempC = self::REEF_C,
        float $salinity = 35.0,
        float $wideMm = Box::USUAL_WIDE_MM,
    ): self {
        $floorM2 = Guard::positive('insideMm', $insideMm) * Guard::positive('wideMm', $wideMm) / 1e6;
        $boxing = new self(Guard::positive('boxL', $boxL), $floorM2);
        $spare = BoxAnswer::STIRRED * Seawater::at($salinity, $tempC)->oxygenSatMgL() - BoxAnswer::LEAST_MG_L;
        foreach ($animals as $animal) {
            $litres = self::litres($animal, $tempC, $spare);
            $isTooLong = ! $animal->isCoral && self::LENGTHS * 10 * ($animal->lengthCm ?? 0.0) > $insideMm;
            if ($litres === null || $litres > $boxL || $isTooLong || self::floorM2($animal) > $floorM2) {
                $boxing->left[] = $animal->id;
            } else {
                $boxing->litres["~{$animal->id}"] = $litres;
                $boxing->animals["~{$animal->id}"] = $animal;
            }
        }
        arsort($boxing->litres);
        $boxing->place();

        return $boxing;
    }

    /** What one kind wants: a litre for each cm, and an hour without air; null: nobody has measured it. */
    private static function litres(Animal $animal, float $tempC, float $spareMgL): ?float
    {
        if ($animal->isCoral) {
            return $animal->count * self::CORAL_L;
        }
        if ($animal->lengthCm === null) {
            return null;
        }
        $breathes = AnimalDemand::mgH(AnimalDemand::grams($animal->lengthCm, $animal->isDeep), $tempC) / $spareMgL;

        return $animal->count * max($animal->lengthCm, $breathes);
    }

    private function place(): void
    {
        $ids = array_keys($this->litres);
        $found = $this->firstFit($ids);
        $floorM2 = array_sum(array_map(self::floorM2(...), $this->animals));
        $this->bound = max(
            (int) ceil(array_sum($this->litres) / $this->boxL - 1e-9),
            (int) ceil($floorM2 / $this->floorM2 - 1e-9),
            $this->apart($ids),
        );
        if (count($ids) <= self::EVERY_WAY) {
            for ($boxes = $this->bound; $boxes < count($found); $boxes++) {
                $fewer = $this->into($boxes, $ids, []);
                if ($fewer !== null) {
                    $found = $fewer;
                    break;
                }
            }
            $this->isProven = $this->tries < self::MOST_TRIES;
        }
        $this->isProven = $this->isProven || count($found) === $this->bound;
        $this->boxes = array_map(fn (array $in): array => array_map(fn (string $id): string => substr($id, 1), $in), $found);
    }

    /**
     * @param  list<string>  $ids
     * @return list<list<string>>
     */
    private function firstFit(array $ids): array
    {
        $boxes = [];
        foreach ($ids as $id) {
            foreach ($boxes as $n => $in) {
                if ($this->joins($id, $in)) {
                    $boxes[$n][] = $id;

                    continue 2;
                }
            }
            $boxes[] = [$id];
        }

        return array_values($boxes);
    }

    /**
     * Into no more than so many; null: not to be done.
     *
     * @param  list<string>  $ids
     * @param  list<list<string>>  $boxes
     * @return list<list<string>>|null
     */
    private function into(int $most, array $ids, array $boxes): ?array
    {
        if ($ids === [] || ++$this->tries >= self::MOST_TRIES) {
            return $ids === [] ? $boxes : null;
        }
        $id = array_shift($ids);
        foreach ($boxes as $n => $in) {
            if ($this->joins($id, $in)) {
                $next = $boxes;
                $next[$n] = [...$in, $id];
                $done = $this->into($most, $ids, $next);
                if ($done !== null) {
                    return $done;
                }
            }
        }

        return count($boxes) < $most ? $this->into($most, $ids, [...$boxes, [$id]]) : null;
    }

    /** @param  list<string>  $in */
    private function joins(string $id, array $in): bool
    {
        $together = $this->litres[$id];
        $floorM2 = self::floorM2($this->animals[$id]);
        foreach ($in as $other) {
            $together += $this->litres[$other];
            $floorM2 += self::floorM2($this->animals[$other]);
            if (self::harms($this->animals[$id], $this->animals[$other])) {
                return false;
            }
        }

        return $together <= $this->boxL + 1e-9 && $floorM2 <= $this->floorM2 + 1e-9;
    }

    /** Only corals stand. */
    private static function floorM2(Animal $animal): float
    {
        return $animal->isCoral ? CoralChecks::floorM2($animal) : 0.0;
    }

    /** Whether two kinds must not share their water. */
    public static function harms(Animal $a, Animal $b): bool
    {
        $lengths = [$a->lengthCm ?? 0.0, $b->lengthCm ?? 0.0];
        $eats = ! $a->isCoral && ! $b->isCoral && max($lengths) >= self::EATS * min($lengths);

        $isAlone = fn (Animal $one): bool => $one->isAlone || $one->isToxic || $one->isFleshy;

        return $isAlone($a) || $isAlone($b) || $a->isCoral !== $b->isCoral || $eats;
    }

    /**
     * So many that each must be kept from each: found greedily, so that no more is claimed than holds.
     *
     * @param  list<string>  $ids
     */
    private function apart(array $ids): int
    {
        $most = 0;
        foreach ($ids as $first) {
            $each = [$first];
            foreach ($ids as $id) {
                $isFromAll = ! in_array($id, $each, true) && array_filter(
                    $each,
                    fn (string $e): bool => ! self::harms($this->animals[$id], $this->animals[$e]),
                ) === [];
                $each = $isFromAll ? [...$each, $id] : $each;
            }
            $most = max($most, count($each));
        }

        return $most;
    }
}
