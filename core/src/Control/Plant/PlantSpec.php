<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** A whole system as a run plays it: its waters, its room, what lives in it, what hangs on each outlet. */
final readonly class PlantSpec
{
    /**
     * @param  array<string, Device>  $devices  by outlet
     * @param  array<string, ProbeAt>  $probes
     * @param  array<string, SwitchAt>  $switches
     */
    public function __construct(
        public Display $display,
        public ?SumpOf $sump,
        public Surroundings $room,
        public ?Life $life,
        public Start $start,
        public array $devices,
        public array $probes,
        public array $switches,
    ) {
    }
}
