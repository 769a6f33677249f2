<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;
use Velbrin\Core\Moves\Brief\MoveKind;

/** A move, a swap, a conversion, a removal: what is known of it before, and what was said on its day. */
#[UsePolicy(MovePolicy::class)]
final class Move extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'from_site_id',
        'to_site_id',
        'system_id',
        'name',
        'kind',
        'on',
        'brief',
        'revision',
        'closed_at',
        'closed_by',
        'closed_words',
        'user_id',
        'holding_system_id',
        'holding_emptied_at',
        'left_place',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => MoveKind::class,
            'on' => 'immutable_date',
            'brief' => 'array',
            'revision' => 'integer',
            'closed_at' => 'immutable_datetime',
            'holding_emptied_at' => 'immutable_datetime',
            'left_place' => 'array',
            'archived_at' => 'datetime',
        ];
    }

    /** The trail keeps what people argue about; the document has its revisions. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['name', 'kind', 'on', 'from_site_id', 'to_site_id', 'system_id', 'closed_at', 'closed_words', 'left_place',
                'holding_system_id', 'holding_emptied_at'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Site, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(Site::class, 'from_site_id');
    }

    /** @return BelongsTo<Site, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(Site::class, 'to_site_id');
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<System, $this> where its animals stay meanwhile */
    public function holding(): BelongsTo
    {
        return $this->belongsTo(System::class, 'holding_system_id');
    }

    public function isHolding(): bool
    {
        return $this->holding_system_id !== null && $this->holding_emptied_at === null;
    }

    /** @return BelongsToMany<User, $this> those of ours who come */
    public function hands(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'move_hands');
    }

    /** @return HasMany<MoveEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(MoveEvent::class)->orderBy('at')->orderBy('id');
    }
}
