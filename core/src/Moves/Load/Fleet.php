<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Finding;

/**
 * What rides in which of several vehicles: what somebody has put into one stays there; of the rest animals first, each into the first
 * that has a place for it and bears it, and what is heaviest goes on to the next where one would carry too much.
 */
final readonly class Fleet
{
    /**
     * @param  list<Vehicle>  $vehicles
     * @param  list<Stowage>  $stowages  of each
     */
    private function __construct(public array $vehicles, public array $stowages)
    {
    }

    /**
     * @param  list<Vehicle>  $vehicles
     * @param  list<Cargo>  $cargo
     * @param  array<string, string>  $rides  the vehicle somebody has chosen, by cargo
     */
    public static function of(array $vehicles, array $cargo, array $rides = []): self
    {
        $names = array_map(fn (Vehicle $v): string => $v->id, $vehicles);
        $isFree = fn (Cargo $c): bool => ! in_array($rides[$c->id] ?? null, $names, true);
        $rest = array_values(array_filter($cargo, $isFree));
        $stowages = [];
        foreach ($vehicles as $n => $vehicle) {
            $own = array_values(array_filter($cargo, fn (Cargo $c): bool => ($rides[$c->id] ?? null) === $vehicle->id));
            $isLast = $n === count($vehicles) - 1;
            $taken = $isLast ? $rest : self::taken($vehicle, $own, $rest);
            $rest = array_values(array_filter($rest, fn (Cargo $c): bool => ! in_array($c, $taken, true)));
            $stowages[] = Stowage::of($vehicle->truck, [...$own, ...$taken], $vehicle->isFirst() ? null : $vehicle->label);
        }

        return new self($vehicles, $stowages);
    }

    /**
     * What of the rest that vehicle takes beside its own.
     *
     * @param  list<Cargo>  $own
     * @param  list<Cargo>  $rest
     * @return list<Cargo>
     */
    private static function taken(Vehicle $vehicle, array $own, array $rest): array
    {
        // The heaviest goes first, animals last of all: they ride where they are looked after.
        usort($rest, fn (Cargo $a, Cargo $b): int => [$a->isAlive, $b->kg, $a->id] <=> [$b->isAlive, $a->kg, $b->id]);
        $kg = $vehicle->truck->crewKg + array_sum(array_map(fn (Cargo $c): float => $c->kg, [...$own, ...$rest]));
        while ($rest !== [] && $kg > $vehicle->truck->payloadKg + 1e-9) {
            $kg -= array_shift($rest)->kg;
        }
        $left = Stowage::of($vehicle->truck, [...$own, ...$rest])->left;

        return array_values(array_filter($rest, fn (Cargo $c): bool => ! in_array($c, $left, true)));
    }

    /** What all of them may carry beside their crews, kg. */
    public function payloadKg(): float
    {
        return array_sum(array_map(fn (Vehicle $v): float => $v->truck->payloadKg, $this->vehicles));
    }

    public function crewKg(): float
    {
        return array_sum(array_map(fn (Vehicle $v): float => $v->truck->crewKg, $this->vehicles));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return array_merge([], ...array_map(fn (Stowage $s): array => $s->findings, $this->stowages));
    }
}
