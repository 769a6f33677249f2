<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;

/** What a stage leaves over appears in the next visit (B-72); the rounds keep it. */
interface CarriesOver
{
    public function carry(System $system, string $text, User $owner, CarbonImmutable $due): void;
}
