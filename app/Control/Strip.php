<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A row of outlets on one lead. */
#[UsePolicy(SitePartPolicy::class)]
final class Strip extends Row implements SitePart
{
    use Archives, AtSite, Audited;

    protected $fillable = ['site_id', 'controller_id', 'circuit_id', 'name', 'own_clock', 'rated_w'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['own_clock' => 'boolean', 'archived_at' => 'datetime'];
    }

    public function siteId(): int
    {
        return $this->site_id;
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    /** @return HasMany<Outlet, $this> */
    public function outlets(): HasMany
    {
        return $this->hasMany(Outlet::class)->orderBy('id')->chaperone('strip');
    }
}
