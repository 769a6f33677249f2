<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What is odd about a system, on purpose; impossible to miss. */
#[UsePolicy(StandingNotePolicy::class)]
final class StandingNote extends Row
{
    use Archives, Audited;

    protected $fillable = ['system_id', 'user_id', 'text', 'until'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['until' => 'immutable_date', 'archived_at' => 'datetime'];
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
