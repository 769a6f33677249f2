<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Clients\Site;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\KeepsClear;

/** Something the client holds, before which no messy work is planned (X-12): a party, an opening, an inspection. */
#[UsePolicy(SiteEventPolicy::class)]
final class SiteEvent extends Row
{
    use Archives, Audited;

    protected $fillable = ['site_id', 'on', 'text', 'clear_days', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['on' => 'immutable_date', 'clear_days' => 'integer', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function core(): KeepsClear
    {
        return new KeepsClear((float) Days::number($this->on), (float) $this->clear_days);
    }

    /**
     * @param  list<int>  $siteIds
     * @return array<int, list<self>> those still to come, by place
     */
    public static function coming(array $siteIds): array
    {
        $events = [];
        foreach (
            self::query()
                ->current()
                ->whereIntegerInRaw('site_id', $siteIds)
                ->where('on', '>=', Days::today()->toDateString())
                ->orderBy('on')
                ->get() as $event
        ) {
            $events[$event->site_id][] = $event;
        }

        return $events;
    }
}
