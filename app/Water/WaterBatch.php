<?php

declare(strict_types=1);

namespace App\Water;

use App\House\Audited;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Mixed water that stands or was used (W-61). */
#[UsePolicy(WaterPolicy::class)]
final class WaterBatch extends Model
{
    use Audited;

    protected $fillable = ['depot_id', 'salt_mix_id', 'salinity', 'litres', 'left_l', 'mixed_at', 'measured_c', 'measured_salinity', 'measured_alk_dkh', 'lot', 'for', 'user_id', 'spent_at'];

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

    /** Mixed long enough, not too old, and measured: only that counts as ready (W-59). */
    public function isReady(): bool
    {
        $mix = $this->mix;

        return $mix !== null && $this->spent_at === null && $this->measured_salinity !== null && $this->usableFrom()->isPast() && $this->usableUntil()->isFuture();
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
