<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\Delivery;

/** Something bought for a build: from whom, promised when, here or not, and where it lies (B-75). */
#[UsePolicy(OrderPolicy::class)]
final class Order extends Row
{
    use Audited;

    protected $fillable = [
        'plan_version_id',
        'what',
        'supplier',
        'supplier_id',
        'stage',
        'ordered_on',
        'promised_on',
        'received_on',
        'is_whole',
        'place',
        'note',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'ordered_on' => 'immutable_date',
            'promised_on' => 'immutable_date',
            'received_on' => 'immutable_date',
            'is_whole' => 'boolean',
            'usual_days' => 'integer',
        ];
    }

    /** @return BelongsTo<PlanVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(PlanVersion::class, 'plan_version_id');
    }

    public function delivery(): Delivery
    {
        return new Delivery(
            $this->what,
            $this->stage,
            PassedStage::day($this->promised_on),
            $this->received_on === null ? null : PassedStage::day($this->received_on),
            $this->is_whole,
        );
    }

    /** Whoever is named stands in the company’s list from then on. */
    protected static function booted(): void
    {
        self::creating(function (self $order): void {
            $order->supplier_id ??= Supplier::query()->firstOrCreate(['name' => $order->supplier])->id;
        });
    }

    /**
     * Adds usual_days: the core’s LeadTime of its supplier, asked of the database with the orders themselves; null while nothing came.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeWithUsualDays(Builder $query): Builder
    {
        return $query
            ->select('orders.*')
            ->selectSub(
                DB::table('orders', 'past')
                    ->selectRaw('round(avg(datediff(past.received_on, past.ordered_on)))')
                    ->whereColumn('past.supplier_id', 'orders.supplier_id')
                    ->whereNotNull('past.received_on'),
                'usual_days',
            );
    }
}
