<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** Something that happened in a run: who, and what. */
final readonly class Happening
{
    /**
     * @param  string  $kind  fault, repaired, on, off, guard, latched, alarm, cleared, call, harm, dry
     * @param  string  $of  outlet, guard, alarm, person or fault
     * @param  string|null  $says  who decided it, for an outlet
     */
    public function __construct(public float $atS, public string $kind, public string $of, public ?string $says = null)
    {
    }
}
