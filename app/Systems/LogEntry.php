<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One line of what happened. */
#[UsePolicy(LogEntryPolicy::class)]
final class LogEntry extends Row
{
    use Audited;

    protected $fillable = ['system_id', 'user_id', 'happened_at', 'kind', 'text'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['happened_at' => 'immutable_datetime'];
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
