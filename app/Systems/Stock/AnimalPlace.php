<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Where an animal stands in its tank, mm from its left front corner and under the surface; never changed, the next one is written down. */
#[UsePolicy(AnimalPlacePolicy::class)]
final class AnimalPlace extends Row
{
    use Audited;

    protected $fillable = ['animal_id', 'x_mm', 'y_mm', 'depth_mm', 'par', 'flow_cms', 'is_home', 'why', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_home' => 'boolean'];
    }

    /** @return BelongsTo<Animal, $this> */
    public function animal(): BelongsTo
    {
        return $this->belongsTo(Animal::class);
    }
}
