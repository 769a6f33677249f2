<?php

declare(strict_types=1);

namespace App\Alerts;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmTest;

/** An alarm: what it watches, whether it was tested, whom it calls in order (X-24). */
#[UsePolicy(AlarmPolicy::class)]
final class Alarm extends Row
{
    use Archives, Audited;

    /** Where nobody has said another interval. */
    private const TEST_EVERY_DAYS = 90;

    protected $fillable = [
        'system_id',
        'name',
        'watches',
        'quantity',
        'low_limit',
        'high_limit',
        'delay_min',
        'on_its_own',
        'is_lowest',
        'controller_id',
        'sensor_id',
        'outlet_id',
        'act',
        'rate_per_h',
        'most_w',
        'is_frozen',
        'message',
        'waits_at_night',
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
            'is_lowest' => 'boolean',
            'is_frozen' => 'boolean',
            'waits_at_night' => 'boolean',
            'tested_on' => 'immutable_date',
            'test_due_on' => 'immutable_date',
            'archived_at' => 'datetime',
            'test_every_days' => 'integer',
        ];
    }

    /** The day it no longer counts stands in its row, so that a fleet's list is asked for by it. */
    protected static function booted(): void
    {
        self::saving(function (self $alarm): void {
            $due = AlarmTest::dueDay(
                $alarm->tested_on === null ? null : Days::number($alarm->tested_on),
                $alarm->test_every_days ?? self::TEST_EVERY_DAYS,
            );
            $alarm->test_due_on = $due === null ? null : Days::date($due);
        });
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
            fn (Builder $q) => $q->whereNull('test_due_on')->orWhere('test_due_on', '<=', Days::text()),
        );
    }

    /** Somebody made it call, no longer ago than its interval. */
    public function isTested(): bool
    {
        return AlarmTest::counts(
            $this->test_due_on === null ? null : Days::number($this->test_due_on),
            Days::number(Days::today()),
        );
    }
}
