<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\Lifted;

/** A coral off its place: out and back are counted. */
final readonly class LiftedView
{
    private function __construct(public string $uuid, public string $what, public string $place, public bool $isBack)
    {
    }

    public static function of(Lifted $lifted): self
    {
        return new self($lifted->client_uuid, $lifted->what, $lifted->back_place ?? $lifted->place, $lifted->back_at !== null);
    }
}
