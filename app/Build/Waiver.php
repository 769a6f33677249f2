<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Attachment;
use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Why a Stop was passed: a signed reason, or for what can hurt people the licensed person's stored document. */
#[UsePolicy(WaiverPolicy::class)]
final class Waiver extends Model
{
    use Audited;

    public const REASON = 'reason';

    public const DOCUMENT = 'document';

    protected $fillable = [
        'plan_version_id',
        'finding_key',
        'rule',
        'what',
        'kind',
        'reason',
        'signed_by',
        'signed_on',
        'attachment_id',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['signed_on' => 'immutable_date'];
    }

    /** @return BelongsTo<PlanVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(PlanVersion::class, 'plan_version_id');
    }

    /** @return BelongsTo<Attachment, $this> */
    public function attachment(): BelongsTo
    {
        return $this->belongsTo(Attachment::class);
    }
}
