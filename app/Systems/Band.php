<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Chemistry\Measured;

/**
 * Aim, fine and act limits of one parameter on one system, with the reason where they deviate.
 *
 * @property float|null $aim_low
 * @property float|null $aim_high
 * @property float|null $fine_low
 * @property float|null $fine_high
 * @property float|null $act_low
 * @property float|null $act_high
 * @property float|null $rate_per_day
 */
#[UsePolicy(BandPolicy::class)]
final class Band extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'parameter',
        'aim_low',
        'aim_high',
        'fine_low',
        'fine_high',
        'act_low',
        'act_high',
        'rate_per_day',
        'tracked',
        'reason',
        'holds_while',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parameter' => MeasuredCast::class, 'tracked' => 'boolean'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** The loaded band of that parameter. */
    public static function for(System $system, Measured $parameter): ?self
    {
        return $system->bands->first(fn (self $b): bool => $b->getAttributes()['parameter'] === $parameter->key());
    }

    /** The core’s band of these limits. */
    public function limits(): \Velbrin\Core\Chemistry\Band
    {
        return \Velbrin\Core\Chemistry\Band::of(
            $this->aim_low,
            $this->aim_high,
            $this->fine_low,
            $this->fine_high,
            $this->act_low,
            $this->act_high,
            $this->rate_per_day,
        );
    }
}
