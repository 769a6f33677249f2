<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Velbrin\Core\Build\RunningCost;
use Velbrin\Core\Build\TakeOff;

/** What one of a take-off’s units costs, whole minor units. */
#[UsePolicy(PricePolicy::class)]
final class Price extends Row
{
    use Audited;

    protected $fillable = ['key', 'minor'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['minor' => 'integer'];
    }

    /** @return array<string, array{0: string, 1: string}> what is priced and by what, in order */
    public static function keys(): array
    {
        return TakeOff::KEYS + RunningCost::KEYS;
    }

    /** @return array<string, int> by key */
    public static function list(): array
    {
        return self::query()->pluck('minor', 'key')->map(fn (mixed $m): int => is_numeric($m) ? (int) $m : 0)->all();
    }
}
