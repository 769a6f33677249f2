<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;

/** What a stage leaves over appears in the next visit (B-72), and the stage that is next becomes one; the rounds keep both. */
interface CarriesOver
{
    public function carry(System $system, string $text, User $owner, CarbonImmutable $due): void;

    /** A stage that is next, not before that day: its people and hours become a visit (S-52). Once for each stage. */
    public function stage(
        System $system,
        string $label,
        float $hours,
        int $persons,
        User $owner,
        CarbonImmutable $from,
    ): void;
}
