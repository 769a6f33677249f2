<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Attachment;
use App\Clients\Site;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Illuminate\Support\Facades\DB;

/** One access, one parking, several systems (S-10). */
#[UsePolicy(VisitPolicy::class)]
final class Visit extends Row
{
    use Audited;

    protected $fillable = [
        'site_id',
        'crew_id',
        'planned_on',
        'position',
        'starts_at',
        'minutes',
        'pinned',
        'promised_at',
        'promised_by',
        'told_at',
        'told_by',
        'state',
        'called_out',
        'earliest_on',
        'due_on',
        'latest_on',
        'persons',
        'skills',
        'salt_l',
        'ro_l',
        'kg',
        'familiar_id',
        'isolated',
        'why_unplanned',
        'moved_from',
        'opened_at',
        'opened_by',
        'closed_at',
        'closed_by',
        'planned_min',
        'actual_min',
        'left_note',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'planned_on' => 'immutable_date',
            'earliest_on' => 'immutable_date',
            'due_on' => 'immutable_date',
            'latest_on' => 'immutable_date',
            'starts_at' => 'immutable_datetime',
            'opened_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
            'pinned' => 'boolean',
            'isolated' => 'boolean',
            'called_out' => 'boolean',
            'promised_at' => 'immutable_datetime',
            'told_at' => 'immutable_datetime',
            'skills' => 'array',
            'moved_from' => 'array',
            'persons' => 'integer',
            'position' => 'integer',
        ];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Crew, $this> */
    public function crew(): BelongsTo
    {
        return $this->belongsTo(Crew::class);
    }

    /** @return HasMany<VisitTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(VisitTask::class);
    }

    /** @return HasMany<OffRecord, $this> */
    public function offs(): HasMany
    {
        return $this->hasMany(OffRecord::class);
    }

    /** @return HasMany<VisitPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(VisitPart::class);
    }

    /** @return HasMany<FollowUp, $this> */
    public function followUps(): HasMany
    {
        return $this->hasMany(FollowUp::class);
    }

    /** @return HasMany<VisitEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(VisitEntry::class);
    }

    /** @return BelongsTo<User, $this> */
    public function closer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'closed_by');
    }

    /** @return BelongsTo<User, $this> */
    public function familiar(): BelongsTo
    {
        return $this->belongsTo(User::class, 'familiar_id');
    }

    /** @return MorphMany<Attachment, $this> */
    public function attachments(): MorphMany
    {
        return $this->morphMany(Attachment::class, 'subject');
    }

    /** Not yet planned; planned; at work; closed. */
    public const OPEN = 'open';

    public const PLANNED = 'planned';

    public const UNDERWAY = 'underway';

    public const CLOSED = 'closed';

    /** Planned for a day that passed, and nobody began. */
    public const MISSED = 'missed';

    public function isMine(User $user): bool
    {
        if ($this->called_out && $this->opened_by === $user->id) {
            return true;
        }
        if ($this->relationLoaded('crew') && ($this->crew === null || $this->crew->relationLoaded('members'))) {
            return $this->crew !== null && $this->crew->members->contains('id', $user->id);
        }

        return $this->crew_id !== null &&
            DB::table('crew_user')->where('crew_id', $this->crew_id)->where('user_id', $user->id)->exists();
    }
}
