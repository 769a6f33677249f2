<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A door or alarm code: encrypted at rest, shown on demand, each look recorded. */
#[UsePolicy(SiteCodePolicy::class)]
final class SiteCode extends Row
{
    use Archives;

    protected $fillable = ['site_id', 'label', 'code'];

    protected $hidden = ['code'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => 'encrypted', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }
}
