<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Something switched off, with its way back (X-11); off on purpose it names reason, substitute and review (K-46). */
#[UsePolicy(OffRecordPolicy::class)]
final class OffRecord extends Row
{
    use Audited;

    protected $table = 'offs';

    protected $fillable = [
        'system_id',
        'visit_id',
        'item_id',
        'what',
        'off_at',
        'off_by',
        'on_at',
        'on_by',
        'stays_because',
        'substitute',
        'owner_id',
        'review_on',
        'remote_access_id',
        'outlet_order_id',
        'client_uuid',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['off_at' => 'immutable_datetime', 'on_at' => 'immutable_datetime', 'review_on' => 'immutable_date'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'off_by');
    }

    /** @return BelongsTo<User, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'owner_id');
    }

    /** Off, and not on purpose: a visit cannot be closed over it. */
    public function hangs(): bool
    {
        return $this->on_at === null && $this->stays_because === null;
    }
}
