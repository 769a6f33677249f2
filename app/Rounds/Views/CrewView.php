<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\House\Days;
use App\Rounds\Crew;
use App\Team\User;

final readonly class CrewView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $members,
        public string $vehicle,
        public string $depot,
        public string $hours,
        public string $fromOn,
        public ?string $untilOn,
    ) {
    }

    public static function of(Crew $c): self
    {
        return new self(
            id: $c->id,
            name: $c->name,
            members: implode(', ', $c->members->map(fn (User $u): string => $u->name)->all()),
            vehicle: (string) $c->vehicle?->name,
            depot: (string) $c->depot?->name,
            hours: Days::clock($c->starts_min).' to '.Days::clock($c->ends_min),
            fromOn: $c->from_on->toDateString(),
            untilOn: $c->until_on?->toDateString(),
        );
    }
}
