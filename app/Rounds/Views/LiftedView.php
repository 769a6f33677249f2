<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use stdClass;

/** A coral off its place: out and back are counted. */
final readonly class LiftedView
{
    private function __construct(public string $uuid, public string $what, public string $place, public bool $isBack)
    {
    }

    /** @param  stdClass  $row  of VisitReader */
    public static function of(stdClass $row): self
    {
        return new self((string) $row->uuid, (string) $row->what, (string) $row->place, (bool) $row->back);
    }
}
