<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A door, stair turn, lift or corner on the way in, mm. */
#[UsePolicy(PassagePolicy::class)]
final class Passage extends Row
{
    use Audited;

    protected $fillable = [
        'site_id',
        'position',
        'name',
        'width_mm',
        'height_mm',
        'corridor_a_mm',
        'corridor_b_mm',
        'out_width_mm',
        'out_height_mm',
        'car_depth_mm',
    ];

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }
}
