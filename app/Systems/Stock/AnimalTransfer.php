<?php

declare(strict_types=1);

namespace App\Systems\Stock;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Animals left one system and entered another, at once. */
#[UsePolicy(AnimalTransferPolicy::class)]
final class AnimalTransfer extends Row
{
    use Audited;

    protected $fillable = ['animal_id', 'from_system_id', 'to_system_id', 'count', 'why', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'integer'];
    }

    /** @return BelongsTo<Animal, $this> */
    public function animal(): BelongsTo
    {
        return $this->belongsTo(Animal::class);
    }

    /** @return BelongsTo<System, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(System::class, 'from_system_id');
    }

    /** @return BelongsTo<System, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(System::class, 'to_system_id');
    }
}
