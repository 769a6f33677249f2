<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Attachment;
use App\Clients\Room;
use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Velbrin\Core\Chemistry\Regime;

/** One body of water and everything that touches it. */
#[UsePolicy(SystemPolicy::class)]
final class System extends Model
{
    use Archives, Audited;

    protected $fillable = [
        'site_id', 'room_id', 'plan_version_id', 'keeper_id', 'name', 'kind', 'regime', 'started_on', 'started_precision', 'settling_until',
        'true_volume_l', 'measured_volume_l', 'measured_how', 'facts', 'bases', 'chambers',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'regime' => Regime::class, 'started_on' => 'immutable_date', 'settling_until' => 'immutable_date',
            'facts' => 'array', 'bases' => 'array', 'chambers' => 'array', 'archived_at' => 'datetime',
        ];
    }

    /** A measured volume overrides the computed one (W-6). */
    public function volumeL(): ?float
    {
        return $this->measured_volume_l ?? $this->true_volume_l;
    }

    public function isSettling(): bool
    {
        return $this->settling_until !== null && $this->settling_until->isFuture();
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return BelongsTo<User, $this> */
    public function keeper(): BelongsTo
    {
        return $this->belongsTo(User::class, 'keeper_id');
    }

    /** @return HasMany<Vessel, $this> */
    public function vessels(): HasMany
    {
        return $this->hasMany(Vessel::class);
    }

    /** @return HasMany<Item, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(Item::class);
    }

    /** @return HasMany<Band, $this> */
    public function bands(): HasMany
    {
        return $this->hasMany(Band::class);
    }

    /** @return HasMany<StandingNote, $this> */
    public function standingNotes(): HasMany
    {
        return $this->hasMany(StandingNote::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<StoredJudgement, $this> */
    public function judgements(): HasMany
    {
        return $this->hasMany(StoredJudgement::class);
    }

    /** @return MorphMany<Attachment, $this> */
    public function attachments(): MorphMany
    {
        return $this->morphMany(Attachment::class, 'subject');
    }
}
