<?php

declare(strict_types=1);

namespace App\Water;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Water\Station;

/** Where vans start and water is mixed. */
#[UsePolicy(WaterPolicy::class)]
final class Depot extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'name',
        'lat',
        'lon',
        'ro_rated_ld',
        'feed_c',
        'ro_stored_l',
        'ro_tank_l',
        'vessels_l',
        'heat_w',
        'target_c',
        'reserve_ro_l',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['vessels_l' => 'array', 'archived_at' => 'datetime'];
    }

    /** @return HasMany<WaterBatch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(WaterBatch::class);
    }

    /** @return HasMany<WaterBooking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(WaterBooking::class);
    }

    /** The station as it stands; a broken record is told by the core. */
    public function station(): Station
    {
        $vessels = array_map(fn (mixed $l): float => is_numeric($l) ? (float) $l : 0.0, array_values($this->vessels_l));

        return Station::of(
            $this->ro_rated_ld,
            $this->feed_c,
            min($this->ro_stored_l, $this->ro_tank_l),
            $this->ro_tank_l,
            $vessels === [] ? [0.0] : $vessels,
            $this->heat_w,
            $this->target_c,
        );
    }

    public function spot(): Spot
    {
        return new Spot($this->lat, $this->lon);
    }
}
