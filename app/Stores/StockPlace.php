<?php

declare(strict_types=1);

namespace App\Stores;

use App\Clients\Site;
use App\House\Audited;
use App\House\Database\Row;
use App\Rounds\Vehicle;
use App\Water\Depot;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Where parts lie: a depot, a van, a client's cupboard. */
#[UsePolicy(StorePolicy::class)]
final class StockPlace extends Row
{
    use Audited;

    public const DEPOT = 'depot';

    public const VAN = 'van';

    public const SITE = 'site';

    protected $fillable = ['kind', 'name', 'depot_id', 'vehicle_id', 'site_id'];

    public static function ofDepot(Depot $depot): self
    {
        return self::query()->firstOrCreate(['depot_id' => $depot->id], ['kind' => self::DEPOT, 'name' => $depot->name]);
    }

    public static function ofVehicle(Vehicle $vehicle): self
    {
        return self::query()->firstOrCreate(['vehicle_id' => $vehicle->id], ['kind' => self::VAN, 'name' => $vehicle->name]);
    }

    public static function ofSite(Site $site): self
    {
        return self::query()->firstOrCreate(['site_id' => $site->id], ['kind' => self::SITE, 'name' => $site->name]);
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Depot, $this> */
    public function depot(): BelongsTo
    {
        return $this->belongsTo(Depot::class);
    }
}
