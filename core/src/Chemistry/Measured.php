<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Kind;

/** Something that is read on a system: one of the trade's parameters, or one the company added (C-1). */
interface Measured
{
    /** Its name in records, files and addresses. */
    public function key(): string;

    public function label(): string;

    public function kind(): Kind;

    /** What a difference of two values measures. */
    public function differenceKind(): Kind;

    /**
     * The range a reading must lie in to be believed (C-2).
     *
     * @return array{0: float, 1: float}
     */
    public function plausible(): array;

    /** What the kit or probe can tell apart. */
    public function resolution(): float;
}
