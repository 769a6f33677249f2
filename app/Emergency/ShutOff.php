<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Site;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Where a place is shut off, in words a stranger can follow, with a photo, and who may use it (E-8). */
#[UsePolicy(IncidentPolicy::class)]
final class ShutOff extends Row
{
    use Audited;

    /** What a photo of a place’s shut-offs is about: "shutoff:board". */
    public const ABOUT = 'shutoff:';

    protected $fillable = ['site_id', 'kind', 'words', 'who_may', 'looked_on', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => ShutOffKind::class, 'looked_on' => 'immutable_date'];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }
}
