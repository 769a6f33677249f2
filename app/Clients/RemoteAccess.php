<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Somebody can reach a place's devices from afar: who, since when, and whether it has been taken back (X-58). */
#[UsePolicy(RemoteAccessPolicy::class)]
final class RemoteAccess extends Row
{
    use Audited;

    protected $fillable = ['site_id', 'what', 'user_id', 'contact_id', 'given_on', 'given_by', 'withdrawn_on', 'withdrawn_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['given_on' => 'immutable_date', 'withdrawn_on' => 'immutable_date'];
    }

    /** @param  Builder<self>  $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('withdrawn_on');
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Contact, $this> */
    public function contact(): BelongsTo
    {
        return $this->belongsTo(Contact::class);
    }

    public function holder(): string
    {
        return $this->user->name ?? $this->contact->name ?? 'nobody';
    }

    /** Whoever holds it has left: it has to be taken back where it was given. */
    public function hasLeft(): bool
    {
        return $this->user?->archived_at !== null || $this->contact?->archived_at !== null;
    }
}
