<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\Item;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A device one system lent another: the donor is exposed until it is back (X-13). */
#[UsePolicy(StorePolicy::class)]
final class Loan extends Row
{
    use Audited;

    protected $fillable = [
        'item_id',
        'from_system_id',
        'to_system_id',
        'since',
        'due_on',
        'exposes',
        'signed_by',
        'settled_at',
        'settled_how',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['since' => 'immutable_date', 'due_on' => 'immutable_date', 'settled_at' => 'immutable_datetime'];
    }

    /**
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeOpen(Builder $query): Builder
    {
        return $query->whereNull('settled_at');
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return BelongsTo<System, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(System::class, 'from_system_id');
    }

    /** @return BelongsTo<System, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(System::class, 'to_system_id');
    }
}
