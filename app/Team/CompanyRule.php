<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Audited;
use Illuminate\Database\Eloquent\Model;

/** What the company asks of its own people. */
final class CompanyRule extends Model
{
    use Audited;

    /** Owners and planners sign in with a code beside the password. */
    public const SECOND_FACTOR = 'second-factor-office';

    protected $fillable = ['rule', 'holds', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['holds' => 'boolean', 'user_id' => 'integer'];
    }

    public static function holds(string $rule): bool
    {
        return self::query()->where('rule', $rule)->where('holds', true)->exists();
    }
}
