<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Rates;

/** A rate the company has counted itself, or confirmed (R-20). */
#[UsePolicy(RiskRatePolicy::class)]
final class RiskRate extends Model
{
    use Audited;

    protected $fillable = ['name', 'value', 'user_id'];

    /**
     * What is in force.
     *
     * @throws OutOfRange
     */
    public static function rates(): Rates
    {
        return Rates::with(
            self::query()->pluck('value', 'name')->map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0)->all(),
        );
    }
}
