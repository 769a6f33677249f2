<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** What an hour past each end costs, in the company’s currency; null: nobody has asked, or no money moves it. */
final readonly class LateCosts
{
    public function __construct(public ?float $truckPerH = null, public ?float $leavePerH = null, public ?float $insidePerH = null)
    {
    }
}
