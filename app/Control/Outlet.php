<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Systems\Item;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A place a plug goes into. It may feed a device of any system of its site. */
#[UsePolicy(SitePartPolicy::class)]
final class Outlet extends Row implements SitePart
{
    use Archives, AtSite, Audited;

    protected $fillable = ['site_id', 'strip_id', 'name', 'is_labelled', 'confirmed_at', 'confirmed_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_labelled' => 'boolean', 'confirmed_at' => 'immutable_datetime', 'archived_at' => 'datetime'];
    }

    public function siteId(): int
    {
        return $this->site_id;
    }

    /** @return BelongsTo<Strip, $this> */
    public function strip(): BelongsTo
    {
        return $this->belongsTo(Strip::class);
    }

    /** @return HasMany<Item, $this> what is plugged in and stands there now */
    public function items(): HasMany
    {
        return $this->hasMany(Item::class)->whereNull('retired_at');
    }

    /** Its name in a set-up, never used again. */
    public function key(): string
    {
        return "o{$this->id}";
    }
}
