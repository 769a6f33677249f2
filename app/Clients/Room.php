<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Stamp;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A named part of a site: its floor and its climate, each fact with its basis. The columns are the survey sheet's keys.
 *
 * @property float|null $winter_night_c
 * @property float|null $winter_day_c
 * @property float|null $summer_night_c
 * @property float|null $summer_day_c
 * @property float|null $winter_usual_night_c
 * @property float|null $summer_usual_day_c
 */
#[UsePolicy(RoomPolicy::class)]
final class Room extends Row
{
    use Archives, Audited;

    protected $guarded = ['id', 'archived_at', 'created_at', 'updated_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bases' => 'array', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** What a page has read of it. */
    public function stamp(): string
    {
        return Stamp::ofValues(array_diff_key($this->getAttributes(), ['created_at' => 1, 'updated_at' => 1]));
    }

    public function getActivitylogOptions(): \Spatie\Activitylog\LogOptions
    {
        return \Spatie\Activitylog\LogOptions::defaults()->logUnguarded()->logOnlyDirty()->dontSubmitEmptyLogs();
    }
}
