<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use LogicException;

/**
 * What the client declined or put off, or took over unfinished from us; the risk in the meantime, who is liable, and until when it is
 * looked at again; signed, and never changed (X-43, X-53).
 *
 * @property CarbonImmutable $review_on
 * @property CarbonImmutable $signed_on
 */
#[UsePolicy(AcceptedRiskPolicy::class)]
final class AcceptedRisk extends Row
{
    use Audited;

    protected $fillable = [
        'plan_version_id',
        'kind',
        'declined',
        'risk',
        'liable',
        'review_on',
        'signed_by',
        'signed_on',
        'user_id',
    ];

    public const DECLINED = 'declined';

    public const UNFINISHED = 'unfinished';

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('what was signed never changes'));
    }

    public function words(): string
    {
        return ($this->kind === self::UNFINISHED ? 'Handed over unfinished: ' : '').
            "{$this->declined}: {$this->risk}".
            ($this->liable === null ? '' : "; liable: {$this->liable}");
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['review_on' => 'immutable_date', 'signed_on' => 'immutable_date'];
    }
}
