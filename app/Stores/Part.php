<?php

declare(strict_types=1);

namespace App\Stores;

use App\Build\Supplier;
use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Velbrin\Core\Control\Job;

/** Something kept in stock: a spare device, or a thing for emergencies. */
#[UsePolicy(StorePolicy::class)]
final class Part extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'name',
        'job',
        'ready_for',
        'unit',
        'capacity',
        'volts',
        'connection',
        'control',
        'supplier_id',
        'lead_days',
        'price_minor',
        'pack',
    ];

    /** Counted where no supplier and nobody has said. */
    public const USUAL_LEAD_DAYS = 14;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'job' => Job::class,
            'ready_for' => ReadyFor::class,
            'lead_days' => 'integer',
            'price_minor' => 'integer',
            'pack' => 'integer',
            'archived_at' => 'datetime',
        ];
    }

    /** @return HasMany<Stock, $this> */
    public function stocks(): HasMany
    {
        return $this->hasMany(Stock::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
