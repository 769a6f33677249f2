<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Livestock\AnimalState;
use Velbrin\Core\Livestock\Lot;

/** So many of one kind of animal in a system: the same row wherever they go (L-1, L-54). */
#[UsePolicy(AnimalPolicy::class)]
final class Animal extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'split_of_id',
        'name',
        'kind',
        'count',
        'length_cm',
        'deep',
        'state',
        'in_on',
        'source',
        'par_low',
        'par_high',
        'note',
        'stays_put',
        'out_on',
        'out_why',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => AnimalKind::class,
            'state' => AnimalState::class,
            'count' => 'integer',
            'deep' => 'boolean',
            'in_on' => 'immutable_date',
            'out_on' => 'immutable_date',
        ];
    }

    /** @param  Builder<self>  $query */
    public function scopeLiving(Builder $query): void
    {
        $query->whereIn('state', array_filter(AnimalState::cases(), fn (AnimalState $s): bool => $s->lives()));
    }

    public function toLot(?int $count = null): Lot
    {
        return new Lot($this->name, $this->kind, $count ?? $this->count, $this->length_cm, $this->deep);
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

    /** @return HasMany<AnimalPlace, $this> the newest first */
    public function places(): HasMany
    {
        return $this->hasMany(AnimalPlace::class)->latest('id');
    }

    /** @return HasMany<AnimalTransfer, $this> the newest first */
    public function transfers(): HasMany
    {
        return $this->hasMany(AnimalTransfer::class)->latest('id');
    }
}
