<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\House\Stamp;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A person at the client's: what they may operate, whether they hold a key, when that was last confirmed. */
#[UsePolicy(ContactPolicy::class)]
final class Contact extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'client_id',
        'site_id',
        'name',
        'role',
        'phone',
        'email',
        'language',
        'holds_key',
        'can_operate',
        'last_confirmed_on',
        'shown',
        'shown_on',
        'training_owed',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'holds_key' => 'boolean',
            'last_confirmed_on' => 'immutable_date',
            'shown_on' => 'immutable_date',
            'archived_at' => 'datetime',
        ];
    }

    /** Nobody has asked for so long whether this still holds, days. */
    public const STALE_DAYS = 365;

    /** Number, key, what they may operate: nobody has asked for a year, or ever. */
    public function isStale(): bool
    {
        return $this->last_confirmed_on === null || $this->last_confirmed_on->toDateString() < Days::text(-self::STALE_DAYS);
    }

    /** What a page has read of it. */
    public function stamp(): string
    {
        return Stamp::of($this, $this->fillable);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
