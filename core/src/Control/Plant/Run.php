<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;

/** A run that was played: its traces, what happened, what it cost, and whether its books close. */
final readonly class Run
{
    /**
     * @param  list<array<string, float|null>>  $trace  atS and each quantity, thinned
     * @param  array<string, list<array{fromS: float, level: float, says: string}>>  $outlets  by outlet, each change
     * @param  list<Happening>  $happened  in time
     * @param  array<string, float>  $harmS  when each harm began, s from the beginning
     * @param  array<string, float>  $books  what does not close, each as a share of what was moved
     * @param  array<string, array{least: float, most: float}>  $extremes  of each quantity, none lost by thinning
     */
    public function __construct(
        public array $trace,
        public array $outlets,
        public array $happened,
        public array $harmS,
        public float $floorL,
        public float $drawnWh,
        public array $books,
        public array $extremes,
        public int $steps,
    ) {
    }

    /** The first harm, s; null: none. */
    public function firstHarmS(): ?float
    {
        return $this->harmS === [] ? null : min($this->harmS);
    }

    /**
     * What of its chemistry moved by as much as a kit can tell apart.
     *
     * @return list<Parameter>
     */
    public function chemistryMoved(): array
    {
        $spreads = [
            [Parameter::Alkalinity, $this->spread('alkMeqL') * ReadingUnit::DKH_PER_MEQ],
            [Parameter::Calcium, $this->spread('calciumMgL')],
        ];
        $moved = array_filter($spreads, fn (array $one): bool => $one[1] >= $one[0]->resolution());

        return array_values(array_map(fn (array $one): Parameter => $one[0], $moved));
    }

    private function spread(string $of): float
    {
        return isset($this->extremes[$of]) ? $this->extremes[$of]['most'] - $this->extremes[$of]['least'] : 0.0;
    }
}
