<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/**
 * One of the company's own lamps: what it gives, takes and weighs, and how high its maker lets it hang (B-50).
 *
 * @property float $ppf
 * @property float $half_angle_deg
 * @property float|null $watts
 * @property float|null $kg
 * @property float|null $least_mm
 * @property float|null $most_mm
 * @property string|null $grid measured with a meter, as MeasuredGrid reads it
 */
#[UsePolicy(LampTypePolicy::class)]
final class LampType extends Row
{
    use Archives, Audited;

    /** Column of a CSV → least, most, and whether it may stand empty; as a plan’s own lamps. */
    public const COLUMNS = [
        'ppf' => [1, 5000, false],
        'half_angle_deg' => [1, 89, false],
        'watts' => [1, 5000, true],
        'kg' => [0.1, 500, true],
        'least_mm' => [0, 5000, true],
        'most_mm' => [0, 5000, true],
    ];

    protected $fillable = ['name', 'ppf', 'half_angle_deg', 'watts', 'kg', 'least_mm', 'most_mm', 'grid'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }
}
