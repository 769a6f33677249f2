<?php

declare(strict_types=1);

namespace App\Control\Orders;

use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Outlet;
use App\Control\SitePart;
use App\Control\SitePartPolicy;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Something else for a while, asked of an outlet over the link: who, why, until when (X-11). */
#[UsePolicy(SitePartPolicy::class)]
final class OutletOrder extends Row implements SitePart
{
    use Audited;

    protected $fillable = [
        'controller_id',
        'outlet_id',
        'level',
        'for_s',
        'because',
        'user_id',
        'state',
        'expires_at',
        'link_device_id',
        'answered_at',
        'until_at',
        'over_at',
        'ended_by',
        'refused_why',
        'overdue_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => OrderState::class,
            'level' => 'float',
            'for_s' => 'integer',
            'expires_at' => 'immutable_datetime',
            'answered_at' => 'immutable_datetime',
            'until_at' => 'immutable_datetime',
            'over_at' => 'immutable_datetime',
            'overdue_at' => 'immutable_datetime',
        ];
    }

    public function getDateFormat(): string
    {
        return 'Y-m-d H:i:s.v';
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<Outlet, $this> */
    public function outlet(): BelongsTo
    {
        return $this->belongsTo(Outlet::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<LinkDevice, $this> whoever answered */
    public function device(): BelongsTo
    {
        return $this->belongsTo(LinkDevice::class, 'link_device_id');
    }

    public function siteId(): int
    {
        return $this->outlet()->firstOrFail()->site_id;
    }

    public function isArchived(): bool
    {
        return ! in_array($this->state, OrderState::open(), true);
    }

    /**
     * Those a controller is to be told of: not fetched and still wanted, or to be ended.
     *
     * @return Builder<self>
     */
    public static function waitingFor(int $controllerId): Builder
    {
        return self::query()
            ->where('controller_id', $controllerId)
            ->where(fn (Builder $q) => $q
                ->where('state', OrderState::Ending)
                ->orWhere(fn (Builder $q) => $q
                    ->where('state', OrderState::Asked)
                    ->where('expires_at', '>', CarbonImmutable::now()->format('Y-m-d H:i:s.v'))))
            ->orderBy('id');
    }
}
