<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** A coral taken off its place for a job: out and back are counted (X-44). */
#[UsePolicy(SandProfilePolicy::class)]
final class Lifted extends Row
{
    protected $table = 'lifted';

    protected $fillable = [
        'system_id',
        'visit_id',
        'what',
        'place',
        'lifted_at',
        'lifted_by',
        'back_at',
        'back_by',
        'back_place',
        'client_uuid',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lifted_at' => 'immutable_datetime', 'back_at' => 'immutable_datetime'];
    }
}
