<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\Entry;
use Velbrin\Core\Emergency\IncidentState;

/** Something is wrong at a tank, from the first tap to the review (E-3, E-4). */
#[UsePolicy(IncidentPolicy::class)]
final class Incident extends Row
{
    use Audited;

    protected $fillable = [
        'uuid',
        'system_id',
        'kind',
        'alarm_id',
        'began_at',
        'user_id',
        'merged_into_id',
        'review',
        'failed_item_id',
        'failed_age_years',
        'closed_at',
        'closed_by',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EmergencyKind::class,
            'began_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
            'review' => 'array',
        ];
    }

    public function course(): Course
    {
        return Course::of(
            array_values($this->entries->map(fn (IncidentEntry $e): Entry => $e->entry())->all()),
            (float) $this->began_at->getTimestamp(),
        );
    }

    /** Where it stands: once its review is written it is closed, whatever was said last on site. */
    public function stands(): IncidentState
    {
        $said = $this->course()->state;

        return $this->closed_at === null || ! $said->isOpen() ? $said : IncidentState::Closed;
    }

    /**
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeOpen(Builder $query): Builder
    {
        return $query->whereNull('closed_at');
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

    /** @return HasMany<IncidentEntry, $this> as it happened */
    public function entries(): HasMany
    {
        return $this->hasMany(IncidentEntry::class)->orderBy('at')->orderBy('id');
    }
}
