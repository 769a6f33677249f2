<?php

declare(strict_types=1);

namespace App\Team;

/** Somebody is no longer let in: whoever gave them an address or a key of their own takes it back. */
final readonly class AccessEnded
{
    public function __construct(public User $user)
    {
    }
}
