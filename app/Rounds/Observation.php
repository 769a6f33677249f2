<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A reading without a number: a sign, graded (C-50). */
#[UsePolicy(ObservationPolicy::class)]
final class Observation extends Row
{
    protected $fillable = ['system_id', 'visit_id', 'sign', 'grade', 'note', 'seen_at', 'user_id', 'client_uuid'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
