<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency\Storm;

use Velbrin\Core\Rounds\Spot;

/** Who goes out in a storm: from where, with what in the van, and from which depot's shelf more can be taken before they leave. */
final readonly class StormCrew
{
    /**
     * @param  Spot|null  $spot  where its way begins; null: not on the map
     * @param  array<string, int>  $carries  what lies in its van, by aid
     * @param  string|null  $depot  whose shelf it takes from; null: none
     * @param  float  $lateH  hours until it stands there, after the others leave
     */
    public function __construct(
        public ?Spot $spot,
        public array $carries = [],
        public ?string $depot = null,
        public float $lateH = 0.0,
    ) {
    }
}
