<?php

declare(strict_types=1);

namespace App\Water;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Water\Readiness;

/** Mixed water that stands or was used (W-61). */
#[UsePolicy(WaterPolicy::class)]
final class WaterBatch extends Row
{
    use Audited;

    /** Without a depot's own word. */
    private const USED_AT_C = 25.0;

    protected $fillable = [
        'depot_id',
        'salt_mix_id',
        'salinity',
        'litres',
        'left_l',
        'mixed_at',
        'measured_c',
        'measured_salinity',
        'measured_alk_dkh',
        'lot',
        'for',
        'user_id',
        'spent_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['mixed_at' => 'immutable_datetime', 'spent_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Depot, $this> */
    public function depot(): BelongsTo
    {
        return $this->belongsTo(Depot::class);
    }

    /** @return BelongsTo<SaltMix, $this> */
    public function mix(): BelongsTo
    {
        return $this->belongsTo(SaltMix::class, 'salt_mix_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Within the tolerance of its use, in date, and measured: only that counts (W-66). Loaded with mix and depot. */
    public function readiness(?CarbonImmutable $now = null): Readiness
    {
        $now ??= CarbonImmutable::now();
        $hours = fn (CarbonImmutable $at): float => ($at->getTimestamp() - $now->getTimestamp()) / 3600;
        $depot = $this->depot;

        return Readiness::of(
            litres: $this->left_l,
            salinity: $this->salinity,
            targetC: $depot->target_c ?? self::USED_AT_C,
            fromH: $hours($this->usableFrom()),
            untilH: $this->mix === null ? 0.0 : $hours($this->usableUntil()),
            measuredSalinity: $this->measured_salinity,
            measuredC: $this->measured_c,
            heatW: $depot->heat_w ?? 0.0,
        );
    }

    public function isReady(): bool
    {
        return $this->spent_at === null && $this->readiness()->isReady();
    }

    public function usableFrom(): CarbonImmutable
    {
        return $this->mixed_at->addMinutes((int) round(60 * ($this->mix->usable_from_h ?? 0)));
    }

    public function usableUntil(): CarbonImmutable
    {
        return $this->mixed_at->addMinutes((int) round(60 * ($this->mix->usable_until_h ?? 0)));
    }
}
