<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/**
 * How deep the sand lies, place by place, on a day (W-4, S-40).
 *
 * @property list<array{place: string, mm: float}> $places
 * @property float $area_m2
 * @property float $aim_mm
 * @property float $density_kg_l
 */
#[UsePolicy(SandProfilePolicy::class)]
final class SandProfile extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'visit_id',
        'measured_on',
        'places',
        'area_m2',
        'aim_mm',
        'density_kg_l',
        'added_kg',
        'user_id',
        'client_uuid',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measured_on' => 'immutable_date', 'places' => 'array'];
    }

    /** @return list<float> */
    public function depths(): array
    {
        return array_map(fn (array $p): float => (float) $p['mm'], $this->places);
    }
}
