<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Support\Facades\Cache;

/** What the company asks of its own people. */
final class CompanyRule extends Row
{
    use Audited;

    /** Owners and planners sign in with a code beside the password. */
    public const SECOND_FACTOR = 'second-factor-office';

    /** Every page asks: the answer is looked up this often, s, and at once where it is changed. */
    private const SEEN_S = 30;

    protected $fillable = ['rule', 'holds', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['holds' => 'boolean', 'user_id' => 'integer'];
    }

    protected static function booted(): void
    {
        self::saved(fn (self $rule) => Cache::forget("company-rule|{$rule->rule}"));
        self::deleted(fn (self $rule) => Cache::forget("company-rule|{$rule->rule}"));
    }

    public static function holds(string $rule): bool
    {
        return Cache::remember(
            "company-rule|{$rule}",
            self::SEEN_S,
            fn (): bool => self::query()->where('rule', $rule)->where('holds', true)->exists(),
        );
    }
}
