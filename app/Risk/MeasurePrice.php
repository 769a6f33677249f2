<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** What a measure costs here, whole minor units; and what a minute of upkeep and a device more are counted at. */
#[UsePolicy(RiskRatePolicy::class)]
final class MeasurePrice extends Row
{
    use Audited;

    public const MINUTE = 'minute';

    public const DEVICE = 'device';

    protected $fillable = ['kind', 'minor'];

    /** @return array<string, int> */
    public static function list(): array
    {
        return self::query()->pluck('minor', 'kind')->map(fn (mixed $m): int => is_numeric($m) ? (int) $m : 0)->all();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['minor' => 'integer'];
    }
}
