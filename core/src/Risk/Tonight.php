<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\HeaterBank;
use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Risk\Fault\Waterside;

/** A system as it stands that night, by its register: what warms it, what cools it, what breathes in it. */
final readonly class Tonight
{
    /** Colder is no room people live in, °C. */
    private const NO_ROOM_C = -10.0;

    public function __construct(
        public TankHeat $heat,
        public float $volumeL,
        /** Open surface of all vessels that hold animals, and the display's footprint, m². */
        public float $surfaceM2,
        public float $footprintM2,
        public bool $lid,
        public float $setpointC,
        public float $salinity,
        /** @var list<Heater> that stand in it and are on */
        public array $heaters,
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
        /** The display alone, and the sump alone, once the return has stopped; null where it is one body. */
        public ?TankHeat $displayHeat = null,
        public ?TankHeat $sumpHeat = null,
        /** False: nothing lives in it. Unknown stock counts as stock (R-51). */
        public bool $hasAnimals = true,
        public ?NoHeater $noHeater = null,
        /** What a battery would have to carry, W; null: nobody has said. */
        public ?float $batteryLoadW = null,
        /** What can spill, thin, overdose or go dark; null: not asked. */
        public ?Waterside $waterside = null,
        /** Beyond a limit until it harms, K·h; 0: as soon as it is crossed (R-21). */
        public float $coldKh = 0.0,
        public float $hotKh = 0.0,
        /** Pumps that move the display when the return stops; null: nobody has written one down. */
        public ?int $movers = null,
    ) {
    }

    /** Litres whose oxygen counts. */
    public function breathingL(): float
    {
        return $this->displayL ?? $this->volumeL;
    }

    public function heatersW(): float
    {
        return array_sum(array_map(fn (Heater $h): float => $h->watts, $this->heaters));
    }

    /** The most that sticks or fails together, W: heaters of one switch are one. */
    public function largestGroupW(): float
    {
        return max([0.0, ...array_values(HeaterBank::groups($this->heaters))]);
    }

    /**
     * The same with other things changed in it: what is left when something is gone.
     *
     * @param  list<Heater>|null  $heaters
     */
    public function with(
        ?array $heaters = null,
        ?float $roomC = null,
        ?float $batteryH = null,
        ?float $backgroundW = null,
        ?Waterside $waterside = null,
        ?bool $batteryPump = null,
        ?int $movers = null,
    ): self {
        return new self(
            heat: $this->heat,
            volumeL: $this->volumeL,
            surfaceM2: $this->surfaceM2,
            footprintM2: $this->footprintM2,
            lid: $this->lid,
            setpointC: $this->setpointC,
            salinity: $this->salinity,
            heaters: $heaters ?? $this->heaters,
            backgroundW: $backgroundW ?? $this->backgroundW,
            roomC: $roomC ?? $this->roomC,
            lowC: $this->lowC,
            highC: $this->highC,
            fishKg: $this->fishKg,
            smallFish: $this->smallFish,
            community: $this->community,
            batteryH: $batteryH ?? $this->batteryH,
            batteryPump: $batteryPump ?? $this->batteryPump,
            altitudeM: $this->altitudeM,
            displayL: $this->displayL,
            displayHeat: $this->displayHeat,
            sumpHeat: $this->sumpHeat,
            hasAnimals: $this->hasAnimals,
            noHeater: $this->noHeater,
            batteryLoadW: $this->batteryLoadW,
            waterside: $waterside ?? $this->waterside,
            coldKh: $this->coldKh,
            hotKh: $this->hotKh,
            movers: $movers ?? $this->movers,
        );
    }

    /** The room in which it holds its set point by its pumps and lights alone, °C; between -10 and the set point. */
    public function mildestRoomC(): float
    {
        [$cold, $warm] = [self::NO_ROOM_C, $this->setpointC];
        for ($i = 0; $i < 40; $i++) {
            $middle = ($cold + $warm) / 2;
            if ($this->heat->lossW($this->setpointC, $middle) > $this->backgroundW) {
                $cold = $middle;
            } else {
                $warm = $middle;
            }
        }

        return $warm;
    }

    /** With a battery for so long, on a pump that breaks the surface or on a stone. */
    public function onBattery(float $hours, bool $pump): self
    {
        return $this->with(batteryH: $hours, batteryPump: $pump);
    }
}
