<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Rates;

/** A rate the company has counted itself, or confirmed (R-20). */
#[UsePolicy(RiskRatePolicy::class)]
final class RiskRate extends Row
{
    use Audited;

    private const KEY = 'risk-rates';

    protected $fillable = ['name', 'value', 'user_id'];

    protected static function booted(): void
    {
        // Not before it is written: somebody who reads meanwhile would keep the old one for good.
        self::saved(fn () => DB::afterCommit(fn () => Cache::forget(self::KEY)));
        self::deleted(fn () => DB::afterCommit(fn () => Cache::forget(self::KEY)));
    }

    /**
     * What is in force.
     *
     * @throws OutOfRange
     */
    public static function rates(): Rates
    {
        return Rates::with(
            Cache::rememberForever(
                self::KEY,
                fn (): array => self::query()
                    ->pluck('value', 'name')
                    ->map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0)
                    ->all(),
            ),
        );
    }
}
