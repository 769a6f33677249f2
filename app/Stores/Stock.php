<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Audited;
use App\House\Days;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** So many of one part at one place, of one lot and state. Never fewer than none: the database holds that too. */
#[UsePolicy(StorePolicy::class)]
final class Stock extends Model
{
    use Audited;

    protected $fillable = [
        'part_id',
        'stock_place_id',
        'state',
        'lot',
        'expires_on',
        'opened_on',
        'tested_on',
        'tested_ok',
        'count',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => StockState::class,
            'expires_on' => 'immutable_date',
            'opened_on' => 'immutable_date',
            'tested_on' => 'immutable_date',
            'tested_ok' => 'boolean',
            'count' => 'float',
        ];
    }

    /** It can stand in now: there, not out of date, and tried where it was in use before (R-44). */
    public function isGood(): bool
    {
        $isOld = $this->expires_on !== null && $this->expires_on->toDateString() < Days::text();
        $isTried = ! $this->state->needsTest() || ($this->tested_on !== null && $this->tested_ok === true);

        return $this->count > 0 && $this->state->counts() && ! $isOld && $isTried && $this->tested_ok !== false;
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return BelongsTo<StockPlace, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(StockPlace::class, 'stock_place_id');
    }
}
