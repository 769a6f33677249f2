<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Systems\Item;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A line from the board with its own breaker. */
#[UsePolicy(SitePartPolicy::class)]
final class Circuit extends Row implements SitePart
{
    use Archives, AtSite, Audited;

    protected $fillable = ['site_id', 'room_id', 'name', 'rating_a', 'residual_ma', 'confirmed_at', 'confirmed_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['confirmed_at' => 'immutable_datetime', 'archived_at' => 'datetime'];
    }

    public function siteId(): int
    {
        return $this->site_id;
    }

    /** @return HasMany<Item, $this> what hangs on it and stands there now */
    public function items(): HasMany
    {
        return $this->hasMany(Item::class)->whereNull('retired_at');
    }

    /** @return HasMany<Strip, $this> */
    public function strips(): HasMany
    {
        return $this->hasMany(Strip::class);
    }
}
