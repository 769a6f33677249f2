<?php

declare(strict_types=1);

namespace App\Stores;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What came, went or was used; once, whatever the network repeats. */
#[UsePolicy(StorePolicy::class)]
final class StockMove extends Row
{
    use Audited;

    public const BOUGHT = 'bought';

    public const MOVED = 'moved';

    public const USED = 'used';

    public const THROWN = 'thrown';

    public const COUNTED = 'counted';

    protected $fillable = [
        'uuid',
        'part_id',
        'from_stock_id',
        'to_stock_id',
        'kind',
        'count',
        'system_id',
        'visit_id',
        'why',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['count' => 'float'];
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
