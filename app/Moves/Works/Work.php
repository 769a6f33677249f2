<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\House\Audited;
use App\House\Database\Row;
use App\Rounds\FollowUp;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\Vessel;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Moves\Work\WorkFacts;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkPlan;
use Velbrin\Core\Moves\Work\WorkVerb;

/** A change of a running system: an overflow, a pump, a lamp, a controller, a vessel, the tank itself (M-12, M-13, M-18). */
#[UsePolicy(WorkPolicy::class)]
final class Work extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'kind',
        'verb',
        'name',
        'facts',
        'item_id',
        'new_item_id',
        'vessel_id',
        'follow_up_id',
        'on',
        'exchanged_at',
        'exchange_uuid',
        'ended_at',
        'ended_because',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => WorkKind::class,
            'verb' => WorkVerb::class,
            'facts' => 'array',
            'on' => 'immutable_date',
            'exchanged_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('ended_at');
    }

    public function plan(): WorkPlan
    {
        $facts = $this->facts;
        $number = fn (string $key): ?float => is_numeric($facts[$key] ?? null) ? (float) $facts[$key] : null;
        $usual = new WorkFacts();

        return WorkPlan::of($this->kind, $this->verb, new WorkFacts(
            flowLh: $number('flowLh'),
            gasketSeatMm: $number('gasketSeatMm') ?? $usual->gasketSeatMm,
            cureH: $number('cureH') ?? $usual->cureH,
            leakH: $number('leakH') ?? $usual->leakH,
            corals: $number('corals') === null ? null : (int) $number('corals'),
            hadCopper: is_bool($facts['hadCopper'] ?? null) ? $facts['hadCopper'] : null,
        ));
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<Item, $this> whose place is taken */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return BelongsTo<Item, $this> */
    public function newItem(): BelongsTo
    {
        return $this->belongsTo(Item::class, 'new_item_id');
    }

    /** @return BelongsTo<Vessel, $this> that leaves */
    public function vessel(): BelongsTo
    {
        return $this->belongsTo(Vessel::class);
    }

    /** @return BelongsTo<FollowUp, $this> what stands for it in the rounds */
    public function followUp(): BelongsTo
    {
        return $this->belongsTo(FollowUp::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<WorkMark, $this> in the order they were said; without what was taken back */
    public function marks(): HasMany
    {
        return $this->hasMany(WorkMark::class)->whereNull('taken_back_at')->orderBy('at')->orderBy('id');
    }
}
