<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** An alarm that was raised: when it was measured, when we knew, who has answered, when it was over. */
#[UsePolicy(AlarmEventPolicy::class)]
final class AlarmEvent extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'alarm_id',
        'joined_id',
        'at',
        'raised_at',
        'words',
        'held_until',
        'cleared_at',
        'acknowledged_at',
        'acknowledged_by',
        'silent_until',
        'harm_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'raised_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'held_until' => 'immutable_datetime:Y-m-d H:i:s.v',
            'cleared_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'acknowledged_at' => 'immutable_datetime',
            'silent_until' => 'immutable_datetime:Y-m-d H:i:s.v',
            'harm_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }

    public function getDateFormat(): string
    {
        return 'Y-m-d H:i:s.v';
    }

    /** @return BelongsTo<Alarm, $this> */
    public function alarm(): BelongsTo
    {
        return $this->belongsTo(Alarm::class);
    }

    /** @return BelongsTo<User, $this> */
    public function acknowledger(): BelongsTo
    {
        return $this->belongsTo(User::class, 'acknowledged_by');
    }

    /** @return HasMany<AlarmNotice, $this> in the order they are due */
    public function notices(): HasMany
    {
        return $this->hasMany(AlarmNotice::class)->orderBy('due_at')->orderBy('id');
    }

    /**
     * Not over yet, or nobody has answered.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeOpen(Builder $query): Builder
    {
        return $query->where(fn (Builder $q) => $q->whereNull('cleared_at')->orWhereNull('acknowledged_at'));
    }
}
