<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** What an outlet does while nothing speaks before it. */
interface Rule
{
    /** Its name in a document. */
    public function kind(): string;

    /** @return array<string, list<Limit>> what the reading of each probe is compared with; nothing else of it counts */
    public function limits(): array;

    /** s until it may want something else by the clock alone; INF: never. */
    public function untilS(Moment $now, Memory $own): float;

    /**
     * The level it wants, 0 to 1.
     *
     * @param  Memory  $own  what this rule remembers, empty after a boot
     * @param  array<string, Decision>  $others  what is decided already at this moment, by outlet
     */
    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float;
}
