<?php

declare(strict_types=1);

namespace App\Control;

use App\Clients\Site;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Belongs to a place, not to one of its systems: a strip feeds whatever stands there.
 *
 * @property int $site_id
 *
 * @phpstan-require-extends Row
 */
trait AtSite
{
    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }
}
