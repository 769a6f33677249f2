<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What a controller sees and does at one moment. */
final readonly class Report
{
    /**
     * @param  array<string, float|null>  $probes
     * @param  array<string, bool>  $switches
     * @param  array<string, float>  $levels  of outlets
     * @param  array<string, float>  $watts  what each outlet draws
     * @param  list<string>  $acts  guards that act, and what waits for somebody
     */
    public function __construct(
        public float $atS,
        public bool $hasPower,
        public array $probes,
        public array $switches,
        public array $levels,
        public array $watts,
        public array $acts,
    ) {
    }
}
