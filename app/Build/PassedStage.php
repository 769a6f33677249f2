<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Attachment;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A stage of an accepted version that has passed: by its proof, a signed waiver, or the licensed person's document. */
#[UsePolicy(PassedStagePolicy::class)]
final class PassedStage extends Row
{
    use Audited;

    protected $fillable = [
        'plan_version_id',
        'stage',
        'by',
        'words',
        'signed_by',
        'passed_on',
        'attachment_id',
        'held',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['passed_on' => 'immutable_date', 'held' => 'array'];
    }

    /** The day as a count of days, as the core compares them. */
    public static function day(CarbonImmutable $on): int
    {
        return Days::number($on);
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
