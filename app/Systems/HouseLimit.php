<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Cache;

/**
 * A limit the company sets for itself instead of the usual one, with its reason (X-52). Every brief is read with them, so they are kept
 * beside the database; whoever changes one writes it anew.
 *
 * @property float $value
 */
#[UsePolicy(HouseLimitPolicy::class)]
final class HouseLimit extends Row
{
    use Audited;

    private const KEY = 'house-limits';

    protected $fillable = ['rule', 'value', 'reason', 'user_id'];

    protected static function booted(): void
    {
        self::saved(fn () => Cache::forget(self::KEY));
        self::deleted(fn () => Cache::forget(self::KEY));
    }

    /** @return array<string, float> by rule */
    public static function here(): array
    {
        return Cache::rememberForever(
            self::KEY,
            fn (): array => self::query()
                ->get(['rule', 'value'])
                ->mapWithKeys(fn (self $l): array => [(string) $l->getAttribute('rule') => $l->value])
                ->all(),
        );
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
