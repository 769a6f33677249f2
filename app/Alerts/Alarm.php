<?php

declare(strict_types=1);

namespace App\Alerts;

use App\House\Archives;
use App\House\Audited;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Risk\AlarmQuantity;

/** An alarm: what it watches, whether it was tested, whom it calls in order (X-24). */
#[UsePolicy(AlarmPolicy::class)]
final class Alarm extends Model
{
    use Archives, Audited;

    protected $fillable = [
        'system_id',
        'name',
        'watches',
        'quantity',
        'low_limit',
        'high_limit',
        'delay_min',
        'on_its_own',
        'tested_on',
        'test_every_days',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'watches' => 'array',
            'quantity' => AlarmQuantity::class,
            'on_its_own' => 'boolean',
            'tested_on' => 'immutable_date',
            'archived_at' => 'datetime',
            'test_every_days' => 'integer',
        ];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return HasMany<AlarmCall, $this> in the order they are called */
    public function calls(): HasMany
    {
        return $this->hasMany(AlarmCall::class)->orderBy('position');
    }

    /**
     * Nobody has said what it measures, or at which limit it calls (R-48).
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeLacksLimit(Builder $query): Builder
    {
        $limited = array_values(
            array_map(
                fn (AlarmQuantity $q): string => $q->value,
                array_filter(AlarmQuantity::cases(), fn (AlarmQuantity $q): bool => $q->hasLimits()),
            ),
        );

        return $query->where(
            fn (Builder $q) => $q
                ->whereNull('quantity')
                ->orWhere(
                    fn (Builder $limits) => $limits
                        ->whereIn('quantity', $limited)
                        ->whereNull('low_limit')
                        ->whereNull('high_limit'),
                ),
        );
    }

    /**
     * Not tested within its interval, as isTested() says it.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeUntested(Builder $query): Builder
    {
        return $query->where(
            fn (Builder $q) => $q
                ->whereNull('tested_on')
                ->orWhereRaw('date_add(tested_on, interval test_every_days day) <= ?', [now()->toDateTimeString()]),
        );
    }

    /** Somebody made it call, no longer ago than its interval. */
    public function isTested(): bool
    {
        return $this->tested_on !== null && $this->tested_on->addDays($this->test_every_days)->isFuture();
    }
}
