<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Room;
use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Spatie\Activitylog\LogOptions;

/** A build being thought through: one draft that saves itself, and the versions kept of it. */
#[UsePolicy(PlanPolicy::class)]
final class Plan extends Row
{
    use Archives, Audited;

    protected $fillable = ['site_id', 'room_id', 'refits_system_id', 'refit_base', 'refit_rows', 'name', 'draft', 'revision', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['draft' => 'array', 'refit_base' => 'array', 'refit_rows' => 'array', 'revision' => 'integer', 'archived_at' => 'datetime'];
    }

    /** The draft changes with every key; the versions tell its story, the trail keeps the rest. */
    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logOnly(['name', 'site_id', 'room_id'])
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<System, $this> the running system it would change; null: it builds a new one */
    public function refits(): BelongsTo
    {
        return $this->belongsTo(System::class, 'refits_system_id');
    }

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<PlanVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(PlanVersion::class)->orderByDesc('number');
    }
}
