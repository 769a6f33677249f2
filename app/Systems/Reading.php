<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One value at one time, as it was typed, or as a probe had it in the middle of a day, in the core’s unit. Never changed: a wrong one is
 * marked. By a person or by a device, never both.
 */
#[UsePolicy(ReadingPolicy::class)]
final class Reading extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'parameter',
        'taken_at',
        'value',
        'given_value',
        'given_unit',
        'method',
        'instrument',
        'user_id',
        'link_device_id',
        'doubtful',
        'marked_at',
        'marked_reason',
        'marked_log_id',
        'client_uuid',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'parameter' => MeasuredCast::class,
            'taken_at' => 'immutable_datetime',
            'marked_at' => 'immutable_datetime',
            'doubtful' => 'boolean',
        ];
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
