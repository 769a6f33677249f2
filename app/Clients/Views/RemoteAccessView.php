<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\RemoteAccess;
use App\Team\User;

/** Who reaches in from afar, and whether that has to be taken back. */
final readonly class RemoteAccessView
{
    private function __construct(
        public int $id,
        public string $what,
        public string $holder,
        public string $givenOn,
        public bool $hasLeft,
        public bool $mayAct,
    ) {
    }

    public static function of(RemoteAccess $access, User $reader): self
    {
        return new self(
            id: $access->id,
            what: $access->what,
            holder: $access->holder(),
            givenOn: $access->given_on->toDateString(),
            hasLeft: $access->hasLeft(),
            mayAct: $reader->can('act', $access) && ! $access->hasLeft(),
        );
    }
}
