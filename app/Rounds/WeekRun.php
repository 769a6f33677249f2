<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A proposal being worked out beside the pages: how far it is, and what it said.
 *
 * @property list<string>|null $said
 */
#[UsePolicy(BoardChangePolicy::class)]
final class WeekRun extends Row
{
    public const WAITING = 'waiting';

    public const RUNNING = 'running';

    public const DONE = 'done';

    public const CANCELLED = 'cancelled';

    public const FAILED = 'failed';

    /** A run that has not moved for so long was cut off with its worker. */
    private const DEAD_MIN = 20;

    protected $fillable = ['monday', 'state', 'share', 'said', 'user_id', 'started_at', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'monday' => 'immutable_date',
            'said' => 'array',
            'started_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function isOpen(): bool
    {
        return in_array($this->state, [self::WAITING, self::RUNNING], true);
    }

    public static function open(): ?self
    {
        return self::query()
            ->whereIn('state', [self::WAITING, self::RUNNING])
            ->where('updated_at', '>', CarbonImmutable::now()->subMinutes(self::DEAD_MIN))
            ->latest('id')
            ->first();
    }
}
