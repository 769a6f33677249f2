<?php

declare(strict_types=1);

namespace App\Build;

use App\Clients\Attachment;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanBrief;

/** Why a Stop was passed: a signed reason, or for what can hurt people the licensed person's stored document. */
#[UsePolicy(WaiverPolicy::class)]
final class Waiver extends Row
{
    use Audited;

    public const REASON = 'reason';

    public const DOCUMENT = 'document';

    /** Rule, place, and a digest of what was said. */
    private const BY_WORDS = '^[A-Z]+-[0-9a-z]+:[a-z]+:[0-9a-f]{8}$';

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

    /**
     * Until Stops had codes a waiver knew its Stop by its words: each gets the Stop's name by which it is found whatever the words.
     * How many.
     */
    public static function catchUp(): int
    {
        $n = 0;
        PlanVersion::query()
            ->whereHas('waivers', fn ($w) => $w->where('finding_key', 'regexp', self::BY_WORDS))
            ->with('waivers')
            ->lazyById(50)
            ->each(function (PlanVersion $version) use (&$n): void {
                foreach (CorePlan::findings(PlanBrief::read($version->brief)) as $finding) {
                    foreach ($version->waivers->where('finding_key', $finding->voice()) as $waiver) {
                        $n += self::query()->toBase()->where('id', $waiver->id)->update(['finding_key' => $finding->key()]);
                    }
                }
            });

        return $n;
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
