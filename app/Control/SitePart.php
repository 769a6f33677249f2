<?php

declare(strict_types=1);

namespace App\Control;

/** A circuit, strip, outlet or controller: whoever works at its place keeps it. */
interface SitePart
{
    public function siteId(): int;

    public function isArchived(): bool;
}
