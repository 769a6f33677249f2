<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What reaches the head of a controller at a moment: power, link, probes, switches, and what people do. */
final readonly class Sensed
{
    /**
     * @param  array<string, float|null>  $probes  by name; null or absent: missing, stale or implausible
     * @param  array<string, bool|null>  $switches  closed or not, by name
     * @param  array<string, array{level: float, untilS: float}>  $overrides  by outlet; untilS on the clock of Moment::atS
     * @param  list<string>  $locks  outlets a person has locked
     * @param  list<string>  $pauses  groups begun at this very moment
     * @param  list<string>  $buttons  outlets whose timed run is asked for at this very moment
     * @param  array<string, float>  $byHandMl  given by hand at this very moment, by outlet
     * @param  list<string>  $reset  guards, refills and maximum times a person has looked at and reset at this very moment
     * @param  bool  $hasClock  the head knows what time it is
     */
    public function __construct(
        public bool $power = true,
        public bool $link = true,
        public array $probes = [],
        public array $switches = [],
        public array $overrides = [],
        public array $locks = [],
        public array $pauses = [],
        public array $buttons = [],
        public array $byHandMl = [],
        public array $reset = [],
        public bool $hasClock = true,
    ) {
    }
}
