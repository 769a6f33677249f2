<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/**
 * What the client declined or put off, the risk in the meantime, and until when it is looked at again; signed, and never changed (X-53).
 *
 * @property CarbonImmutable $review_on
 * @property CarbonImmutable $signed_on
 */
#[UsePolicy(AcceptedRiskPolicy::class)]
final class AcceptedRisk extends Model
{
    use Audited;

    protected $fillable = ['plan_version_id', 'declined', 'risk', 'review_on', 'signed_by', 'signed_on', 'user_id'];

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('what was signed never changes'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['review_on' => 'immutable_date', 'signed_on' => 'immutable_date'];
    }
}
