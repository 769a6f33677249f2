<?php

declare(strict_types=1);

namespace App\Water;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A promise of water: routine, emergency, quarantine, top-off (X-15). */
#[UsePolicy(WaterPolicy::class)]
final class WaterBooking extends Row
{
    use Audited;

    protected $fillable = ['depot_id', 'purpose', 'label', 'visit_id', 'litres', 'on', 'released_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'immutable_date', 'released_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Depot, $this> */
    public function depot(): BelongsTo
    {
        return $this->belongsTo(Depot::class);
    }
}
