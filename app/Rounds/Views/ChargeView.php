<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Systems\Material;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Rounds\Stagger;

/** A charge of media, and where its day lies against the others that do the same work. */
final readonly class ChargeView
{
    private function __construct(
        public int $id,
        public string $name,
        public ?string $place,
        /** "0.40 kg" */
        public ?string $mass,
        public ?string $lot,
        public string $inOn,
        public ?string $dueOn,
        public ?float $lifeDays,
        public ?int $taskId,
        /** It is exchanged together with another one, or before the end of its life so that it is not. */
        public ?string $stagger,
    ) {
    }

    /**
     * @param  Collection<int, Material>  $charges  of one system
     * @return list<self>
     */
    public static function all(Collection $charges, Units $units): array
    {
        return array_values($charges->map(fn (Material $m): self => self::of($m, $charges, $units))->all());
    }

    /** @param  Collection<int, Material>  $charges */
    private static function of(Material $charge, Collection $charges, Units $units): self
    {
        return new self(
            id: $charge->id,
            name: $charge->name,
            place: $charge->place,
            mass: self::mass($charge, $units),
            lot: $charge->lot,
            inOn: $charge->in_on->toDateString(),
            dueOn: $charge->due_on?->toDateString(),
            lifeDays: $charge->life_days,
            taskId: $charge->task_id,
            stagger: self::stagger($charge, $charges),
        );
    }

    /** A bag of media weighs grams. */
    public static function mass(Material $charge, Units $units): ?string
    {
        $kg = $charge->mass_kg;

        return $kg === null ? null : $units->show(Quantity::of($kg, Kind::Mass)->finer($kg < 1 ? 2 : 1));
    }

    /** @param  Collection<int, Material>  $charges */
    private static function stagger(Material $charge, Collection $charges): ?string
    {
        if ($charge->due_on === null || $charge->life_days === null) {
            return null;
        }
        $others = $charges->filter(
            fn (Material $m): bool => $m->task_id === $charge->task_id && $m->id !== $charge->id && $m->due_on !== null,
        );
        if ($others->isEmpty()) {
            return null;
        }
        $due = (float) $charge->in_on->diffInDays($charge->due_on);
        $apart = Stagger::nearest(
            $due,
            array_values($others->map(fn (Material $m): float => (float) $charge->in_on->diffInDays($m->due_on))->all()),
        );
        if ($apart < Stagger::gap($charge->life_days, count($others) + 1)) {
            return $apart < 1
                ? 'on the same day as another one: move one of them'
                : sprintf('only %.0f d from another one', $apart);
        }

        return $due < floor($charge->life_days)
            ? sprintf('%.0f d early, so that not all are fresh at once', floor($charge->life_days) - $due)
            : null;
    }
}
