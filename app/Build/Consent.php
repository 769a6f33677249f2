<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Attachment;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Somebody whose consent a build needs; the dated paper with its conditions is the gate (B-77). */
#[UsePolicy(ConsentPolicy::class)]
final class Consent extends Row
{
    use Audited;

    public const OF = [
        'owner' => 'the owner',
        'building' => 'the building’s management',
        'below' => 'the household below',
        'insurer' => 'the insurer',
        'authority' => 'the authority',
    ];

    protected $fillable = ['plan_version_id', 'of', 'conditions', 'given_on', 'attachment_id', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['given_on' => 'immutable_date'];
    }

    /** @return BelongsTo<Attachment, $this> */
    public function attachment(): BelongsTo
    {
        return $this->belongsTo(Attachment::class);
    }

    public function words(): string
    {
        return self::OF[$this->of] ?? $this->of;
    }
}
