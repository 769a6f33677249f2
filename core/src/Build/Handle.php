<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A place on the section where a fact is taken hold of: moving it along its axis by a millimetre changes the fact by one. */
final readonly class Handle
{
    public function __construct(
        /** The fact's field, or "chambers.N.baffleMm" or "lamps.N.aboveRimMm". */
        public string $field,
        public string $label,
        public float $x,
        public float $y,
        /** "x" moves level, "y" up and down. */
        public string $axis,
        /** 1 when the fact grows with the drawing's coordinate, -1 when it falls. */
        public int $sign,
        public float $valueMm,
        public float $leastMm,
        public float $mostMm,
    ) {
    }
}
