<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Build\Delivery;

/** Something bought for a build: from whom, promised when, here or not, and where it lies (B-75). */
#[UsePolicy(OrderPolicy::class)]
final class Order extends Model
{
    use Audited;

    protected $fillable = ['plan_version_id', 'what', 'supplier', 'stage', 'ordered_on', 'promised_on', 'received_on', 'is_whole', 'place', 'note', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ordered_on' => 'immutable_date', 'promised_on' => 'immutable_date', 'received_on' => 'immutable_date', 'is_whole' => 'boolean'];
    }

    /** @return BelongsTo<PlanVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(PlanVersion::class, 'plan_version_id');
    }

    public function delivery(): Delivery
    {
        return new Delivery($this->what, $this->stage, PassedStage::day($this->promised_on), $this->received_on === null ? null : PassedStage::day($this->received_on), $this->is_whole);
    }

    /**
     * Days suppliers really took so far, in the mean.
     *
     * @return array<string, int> by their name
     */
    public static function leadTimes(): array
    {
        return self::query()->whereNotNull('received_on')->get()->groupBy('supplier')->map(fn ($of): int => (int) round((float) $of->avg(fn (self $o): float => self::daysBetween($o->ordered_on, $o->received_on ?? $o->ordered_on))))->all();
    }

    private static function daysBetween(CarbonImmutable $from, CarbonImmutable $to): float
    {
        return (float) (PassedStage::day($to) - PassedStage::day($from));
    }
}
