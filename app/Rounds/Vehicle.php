<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** What a van or truck carries. */
#[UsePolicy(CrewPolicy::class)]
final class Vehicle extends Row
{
    use Archives, Audited;

    protected $fillable = ['name', 'payload_kg', 'salt_l', 'ro_l'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }
}
