<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Link\LinkDevice;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** The head of a set-up: strips listen to it, sensors report to it. */
#[UsePolicy(SitePartPolicy::class)]
final class Controller extends Row implements SitePart
{
    use Archives, AtSite, Audited;

    protected $fillable = ['site_id', 'room_id', 'name', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }

    public function siteId(): int
    {
        return $this->site_id;
    }

    /** @return HasMany<Strip, $this> */
    public function strips(): HasMany
    {
        return $this->hasMany(Strip::class)->orderBy('name');
    }

    /** @return HasMany<Sensor, $this> */
    public function sensors(): HasMany
    {
        return $this->hasMany(Sensor::class)->orderBy('name');
    }

    /** @return HasMany<SetUp, $this> */
    public function setUps(): HasMany
    {
        return $this->hasMany(SetUp::class)->orderByDesc('number');
    }

    /** @return HasMany<LinkDevice, $this> that speak for it now; who said most lately what they are comes first */
    public function speakers(): HasMany
    {
        return $this->hasMany(LinkDevice::class)->whereNull('revoked_at')->whereNotNull('hello_at')->orderByDesc('hello_at');
    }

    public function draft(): ?SetUp
    {
        return $this->setUps->firstWhere('state', SetUp::DRAFT);
    }

    public function running(): ?SetUp
    {
        return $this->setUps->firstWhere('state', SetUp::RUNNING);
    }

    /** What a page shows and a checker reads: the draft, else what runs. */
    public function latest(): ?SetUp
    {
        return $this->draft() ?? $this->running();
    }
}
