<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Measure\Finding;

/** One row of the checker: one question to a set-up. */
interface Row
{
    /** Its name, for ever: K-20b. */
    public function code(): string;

    /** @return list<Finding> what it objects to, with the outlet, probe or alarm it speaks of; none: nothing */
    public function look(Setup $setup): array;
}
