<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Team\User;

/** A visit was closed; whoever writes reports listens. */
final readonly class VisitClosed
{
    public function __construct(public Visit $visit, public User $by)
    {
    }
}
