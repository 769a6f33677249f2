<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** Where in the sump a device may stand: patches in the sump’s own box, unturned, and the height of their bottom, mm. */
final readonly class Inside
{
    /** @param  non-empty-list<Rect>  $patches  a device stands in one of them whole */
    public function __construct(public array $patches, public float $floorMm)
    {
    }
}
