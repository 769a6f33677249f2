<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One thing a phone sent, kept with its answer so that a repeat gets the same one (S-31). */
#[UsePolicy(VisitTaskPolicy::class)]
final class VisitEntry extends Row
{
    protected $fillable = ['uuid', 'visit_id', 'user_id', 'kind', 'payload', 'typed_at', 'outcome', 'words', 'late'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['payload' => 'array', 'typed_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
