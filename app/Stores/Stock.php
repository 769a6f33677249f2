<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** So many of one part at one place, of one lot and state. Never fewer than none: the database holds that too. */
#[UsePolicy(StorePolicy::class)]
final class Stock extends Row
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

    /**
     * The same, asked of the database.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeGood(Builder $query): Builder
    {
        $counting = array_filter(StockState::cases(), fn (StockState $s): bool => $s->counts());
        $untried = array_filter($counting, fn (StockState $s): bool => ! $s->needsTest());
        $values = fn (array $states): array => array_map(fn (StockState $s): string => $s->value, array_values($states));

        return $query
            ->where('stocks.count', '>', 0)
            ->whereIn('stocks.state', $values($counting))
            ->where(fn (Builder $q) => $q->whereNull('stocks.expires_on')->orWhere('stocks.expires_on', '>=', Days::text()))
            ->where(fn (Builder $q) => $q->whereNull('stocks.tested_ok')->orWhere('stocks.tested_ok', true))
            ->where(fn (Builder $q) => $q
                ->whereIn('stocks.state', $values($untried))
                ->orWhere(fn (Builder $t) => $t->whereNotNull('stocks.tested_on')->where('stocks.tested_ok', true)));
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
