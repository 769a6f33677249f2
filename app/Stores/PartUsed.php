<?php

declare(strict_types=1);

namespace App\Stores;

use App\Team\User;
use Illuminate\Foundation\Events\Dispatchable;

/** A spare left its shelf to work: another is wanted in its place. */
final readonly class PartUsed
{
    use Dispatchable;

    public function __construct(public Part $part, public ?int $systemId, public User $user)
    {
    }
}
