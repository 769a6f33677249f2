<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\TankHeat;

/** A system as it stands tonight: what warms it, what cools it, what breathes in it. */
final readonly class Tonight
{
    public function __construct(
        public TankHeat $heat,
        public float $volumeL,
        /** Open surface of all vessels that hold animals, and the display's footprint, m². */
        public float $surfaceM2,
        public float $footprintM2,
        public bool $lid,
        public float $setpointC,
        public float $salinity,
        /** @var list<float> watts of each heater */
        public array $heatersW,
        /** Heat of pumps and lights while there is power. */
        public float $backgroundW,
        public float $roomC,
        public float $lowC,
        public float $highC,
        /** Null while nobody has counted the fish: 1 g a litre is assumed. */
        public ?float $fishKg = null,
        public bool $smallFish = false,
        public Community $community = Community::Mixed,
        /** Hours a battery moves the water, and whether it breaks the surface (a pump) or bubbles (a stone). */
        public float $batteryH = 0,
        public bool $batteryPump = true,
        public float $altitudeM = 0,
        /** Water the animals stand in once the return has stopped; the system's when it is one body. */
        public ?float $displayL = null,
    ) {
    }

    /** Litres whose oxygen counts. */
    public function breathingL(): float
    {
        return $this->displayL ?? $this->volumeL;
    }
}
