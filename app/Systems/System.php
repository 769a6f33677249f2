<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Attachment;
use App\Clients\Room;
use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Risk\Community;

/** One body of water and everything that touches it. */
#[UsePolicy(SystemPolicy::class)]
final class System extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'site_id',
        'room_id',
        'plan_version_id',
        'keeper_id',
        'name',
        'kind',
        'regime',
        'started_on',
        'started_precision',
        'settling_until',
        'true_volume_l',
        'measured_volume_l',
        'measured_how',
        'facts',
        'bases',
        'chambers',
        'tables',
        'light_read_on',
        'flow_read_on',
        'fish_kg',
        'small_fish',
        'community',
        'has_animals',
        'no_heater_because',
        'no_heater_while',
        'no_heater_review_on',
        'battery_h',
        'battery_pump',
        'arrivals_year',
        'hose_flow_lh',
        'salt_mix_id',
        'emergency_share_pct',
        'isolated_since',
        'isolated_reason',
        'unprotected',
        'animals_worth_minor',
        'floor_worth_minor',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'regime' => Regime::class,
            'started_on' => 'immutable_date',
            'settling_until' => 'immutable_date',
            'isolated_since' => 'immutable_date',
            'small_fish' => 'boolean',
            'has_animals' => 'boolean',
            'ammonia_at' => 'immutable_datetime',
            'no_heater_review_on' => 'immutable_date',
            'battery_pump' => 'boolean',
            'community' => Community::class,
            'facts' => 'array',
            'bases' => 'array',
            'chambers' => 'array',
            'tables' => 'array',
            'light_read_on' => 'immutable_date',
            'flow_read_on' => 'immutable_date',
            'archived_at' => 'datetime',
        ];
    }

    /** A measured volume overrides the computed one (W-6). */
    public function volumeL(): ?float
    {
        return $this->measured_volume_l ?? $this->true_volume_l;
    }

    /** Why it has no heater, if that is on purpose; null: nobody has said so. */
    public function noHeater(): ?NoHeater
    {
        if ($this->no_heater_because === null) {
            return null;
        }
        $isOverdue = $this->no_heater_review_on === null || $this->no_heater_review_on->isPast();

        return new NoHeater($this->no_heater_because, $this->no_heater_while ?? '', $isOverdue);
    }

    /** Writes down what animals depend on though nobody has tested it (X-10). */
    public function writeUnprotected(): void
    {
        $open = Item::query()
            ->where('system_id', $this->id)
            ->whereNull('retired_at')
            ->orderBy('id')
            ->get()
            ->filter(fn (Item $i): bool => $i->state->leavesUnprotected($i->job))
            ->map(fn (Item $i): string => "{$i->name} is {$i->state->label()}, not tested")
            ->implode('; ');
        self::query()
            ->whereKey($this->id)
            ->update(['unprotected' => $open === '' ? null : mb_substr($open, 0, 300)]);
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

    /** @return HasMany<Vessel, $this> those that are part of it now */
    public function vessels(): HasMany
    {
        return $this->hasMany(Vessel::class)->whereNull('left_on');
    }

    /** @return HasMany<Vessel, $this> those that ever were */
    public function vesselsEver(): HasMany
    {
        return $this->hasMany(Vessel::class)->orderBy('joined_on')->orderBy('id');
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

    /** @return BelongsToMany<Product, $this> in use here */
    public function products(): BelongsToMany
    {
        return $this->belongsToMany(Product::class)->withPivot('how_much');
    }

    /** @return HasMany<OpenRipple, $this> what changes re-opened and nobody has confirmed */
    public function ripples(): HasMany
    {
        return $this->hasMany(OpenRipple::class)->whereNull('confirmed_at')->orderBy('id');
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
