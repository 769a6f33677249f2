<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A week somebody answers the phone for. */
#[UsePolicy(RosterPolicy::class)]
final class OnCall extends Row
{
    use Audited;

    protected $fillable = ['user_id', 'from_on', 'until_on', 'position'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from_on' => 'immutable_date', 'until_on' => 'immutable_date', 'position' => 'integer'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
