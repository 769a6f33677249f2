<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

/** The outline of a vessel seen from above. Lengths mm (outer), areas m². */
interface Footprint
{
    public function outerAreaM2(): float;

    /** Area inside walls of that thickness. */
    public function insideAreaM2(float $wallMm): float;

    /** Length of the wall's inner face all round, mm: the wetted outline. */
    public function insidePerimeterMm(float $wallMm): float;

    /** Longest flat pane, mm; null where no pane is flat. */
    public function longestPaneMm(): ?float;

    public function hasCurvedPane(): bool;

    /** Length of the smallest box round it, along the viewing side, mm. */
    public function boxLengthMm(): float;

    /** Depth of that box, front to back, mm. */
    public function boxWidthMm(): float;

    /**
     * The inside seen from above, arcs in short straight pieces.
     *
     * @return non-empty-list<array{0: float, 1: float}> corners, mm from the left and the back of the inside
     */
    public function insideOutline(float $wallMm): array;
}
