<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/** One value a device was set to, and why; it is never changed, the next one follows it. */
#[UsePolicy(ItemSettingPolicy::class)]
final class ItemSetting extends Row
{
    use Audited;

    protected $fillable = ['item_id', 'name', 'value', 'why', 'set_at', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['set_at' => 'immutable_datetime'];
    }

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('A setting is not changed; the next one is written down.'));
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
