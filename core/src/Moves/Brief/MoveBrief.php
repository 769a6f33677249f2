<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\Load\Truck;
use Velbrin\Core\Moves\Load\Vehicle;

/** All that is known of a move before it. */
final readonly class MoveBrief
{
    /**
     * @param  int|null  $truckBackMin  min of the day
     * @param  int|null  $leaveByMin  quiet hours, lift slot: out of the old place by then
     * @param  int|null  $insideByMin  daylight, quiet hours, lift slot there: all of it inside the new place by then
     * @param  list<Mover>  $people
     * @param  list<Animal>  $animals
     * @param  list<Box>  $boxes
     * @param  list<Piece>  $pieces
     * @param  list<Mover>  $spares  who comes only when called: the day is planned without them
     * @param  list<Vehicle>  $more  vehicles beside the first
     * @param  array<string, string>  $elsewhere  what else somebody of the team has that day, by person
     * @param  list<string>  $photographed  pieces by their id; places: where each coral stands
     * @param  int|null  $daysLeft  until the day; null: none is promised
     * @param  array<string, float>  $paces  how long stages take us against house values, by step
     */
    public function __construct(
        public MoveKind $kind,
        public int $beginsMin,
        public ?int $truckBackMin,
        public ?int $leaveByMin,
        public FishSchool $fish,
        public array $people,
        public array $animals,
        public array $boxes,
        public array $pieces,
        public Way $way,
        public Waters $waters,
        public Holding $holding,
        public ?Truck $truck,
        public Ticks $ticks,
        public PlanB $planB = new PlanB(null, null, null, null),
        public array $spares = [],
        public array $more = [],
        public array $paces = [],
        public array $photographed = [],
        public ?int $insideByMin = null,
        public array $elsewhere = [],
        public ?int $daysLeft = null,
        public LateCosts $late = new LateCosts(),
    ) {
    }

    /** Somebody has read in it what animals need, or said so before that was asked for. */
    public function isHoldingProved(): bool
    {
        return $this->holding->unproved($this->waters->old) === [];
    }

    /** @return list<Vehicle> the first one first */
    public function vehicles(): array
    {
        $first = $this->truck === null ? [] : [new Vehicle(
            id: Vehicle::FIRST,
            label: 'the truck',
            truck: $this->truck,
            backMin: $this->truckBackMin,
            latePerH: $this->late->truckPerH,
        )];

        return [...$first, ...$this->more];
    }

    /** @return array<string, string> the vehicle somebody has chosen, by box and piece */
    public function rides(): array
    {
        $rides = [];
        foreach ([...$this->boxes, ...$this->pieces] as $one) {
            $rides += $one->rides === null ? [] : [$one->id => $one->rides];
        }

        return $rides;
    }

    /** @return list<Mover> who takes the wheel */
    public function drivers(): array
    {
        return array_values(array_filter($this->people, fn (Mover $m): bool => $m->isDriver));
    }

    /** @return list<Animal> in that box */
    public function in(Box $box): array
    {
        return array_values(array_filter($this->animals, fn (Animal $a): bool => $a->box === $box->id));
    }

    /** @return list<Piece> */
    public function pieces(PieceKind ...$kinds): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $p): bool => in_array($p->kind, $kinds, true)));
    }

    public function kg(PieceKind $kind): float
    {
        return array_sum(array_map(fn (Piece $p): float => $p->kg ?? 0.0, $this->pieces($kind)));
    }
}
