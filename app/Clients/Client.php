<?php

declare(strict_types=1);

namespace App\Clients;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Who pays: a household, a clinic, a restaurant. */
#[UsePolicy(ClientPolicy::class)]
final class Client extends Row
{
    use Archives, Audited;

    protected $fillable = ['name', 'note'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime', 'erased_at' => 'datetime'];
    }

    /** @return HasMany<Site, $this> */
    public function sites(): HasMany
    {
        return $this->hasMany(Site::class);
    }

    /** @return HasMany<Contact, $this> */
    public function contacts(): HasMany
    {
        return $this->hasMany(Contact::class);
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }
}
