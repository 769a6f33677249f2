<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Kind;

/** Limits a company may set for itself (X-52). None can be made weaker than what keeps people and floors safe. */
enum HouseRule: string
{
    case HeadroomMm = 'headroomMm';
    case CableFillPct = 'cableFillPct';
    case DripLoopMm = 'dripLoopMm';
    case RockMm = 'rockMm';
    case OnePumpTimes = 'onePumpTimes';
    case MainsStops = 'mainsStops';

    public function label(): string
    {
        return match ($this) {
            self::HeadroomMm => 'Clear height inside a cabinet, as we build it',
            self::CableFillPct => 'A cable way is filled by at most',
            self::DripLoopMm => 'A drip loop takes of a lead',
            self::RockMm => 'Rock keeps off panes, drains and pumps by',
            self::OnePumpTimes => 'One of two return pumps alone turns the display at least',
            self::MainsStops => 'Stops of different kinds in a line from the mains',
        };
    }

    /** The rule it belongs to. */
    public function rule(): string
    {
        return match ($this) {
            self::HeadroomMm => 'B-62',
            self::CableFillPct, self::DripLoopMm => 'B-81',
            self::RockMm => 'B-80',
            self::OnePumpTimes => 'B-78',
            self::MainsStops => 'W-56',
        };
    }

    public function kind(): Kind
    {
        return match ($this) {
            self::HeadroomMm, self::DripLoopMm, self::RockMm => Kind::Length,
            self::CableFillPct => Kind::Percent,
            self::OnePumpTimes => Kind::Turnover,
            self::MainsStops => Kind::Count,
        };
    }

    public function usual(): float
    {
        return $this->range()[0];
    }

    public function least(): float
    {
        return $this->range()[1];
    }

    public function most(): float
    {
        return $this->range()[2];
    }

    /** @return array{0: float, 1: float, 2: float} usual, least, most */
    private function range(): array
    {
        return match ($this) {
            self::HeadroomMm => [850.0, 400.0, 2500.0],
            self::CableFillPct => [60.0, 20.0, 60.0],
            self::DripLoopMm => [200.0, 100.0, 1000.0],
            self::RockMm => [50.0, 10.0, 500.0],
            self::OnePumpTimes => [3.0, 1.0, 20.0],
            self::MainsStops => [2.0, 2.0, 6.0],
        };
    }
}
