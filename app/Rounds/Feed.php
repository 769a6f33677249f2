<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A secret address under which a calendar is read; only its hash is kept. */
#[UsePolicy(FeedPolicy::class)]
final class Feed extends Row
{
    use Audited;

    protected $fillable = ['kind', 'subject_id', 'token_hash', 'user_id', 'revoked_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revoked_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public const CREW = 'crew';

    public const CLIENT = 'client';

    protected $hidden = ['token_hash'];
}
