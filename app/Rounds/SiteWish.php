<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Site;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a place wishes of every visit until somebody releases it: days, hours, a person (S-56). Not its opening hours.
 *
 * @property list<int> $weekdays 1 Monday … 7 Sunday; none: any day
 */
#[UsePolicy(SiteWishPolicy::class)]
final class SiteWish extends Row
{
    use Audited;

    protected $fillable = [
        'site_id',
        'text',
        'weekdays',
        'from_min',
        'to_min',
        'person_id',
        'not_before',
        'not_after',
        'user_id',
        'released_at',
        'released_by',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'weekdays' => 'array',
            'from_min' => 'integer',
            'to_min' => 'integer',
            'not_before' => 'immutable_date',
            'not_after' => 'immutable_date',
            'released_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<User, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(User::class, 'person_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
