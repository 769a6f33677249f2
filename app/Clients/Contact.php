<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Audited;
use App\House\Stamp;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A person at the client's: what they may operate, whether they hold a key, when that was last confirmed. */
#[UsePolicy(ContactPolicy::class)]
final class Contact extends Model
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
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['holds_key' => 'boolean', 'last_confirmed_on' => 'immutable_date', 'archived_at' => 'datetime'];
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
