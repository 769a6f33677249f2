<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** All that alarms look at, at one moment. */
final readonly class AlarmSight
{
    /**
     * @param  bool  $isSilent  nothing is heard from the controller
     * @param  array<string, float|null>  $probes
     * @param  array<string, bool|null>  $switches
     * @param  list<string>  $acts  guards, refills and longest runs that act or wait for somebody
     * @param  array<string, float>  $ratesPerH  how fast each value goes
     * @param  array<string, float>  $stillS  how long each value has not moved
     * @param  array<string, array{on: bool, w: float, knownW: float}>  $draws  by outlet
     */
    public function __construct(
        public bool $isSilent = false,
        public array $probes = [],
        public array $switches = [],
        public array $acts = [],
        public array $ratesPerH = [],
        public array $stillS = [],
        public array $draws = [],
    ) {
    }
}
