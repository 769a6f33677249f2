<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A set-up the company begins with elsewhere: kept by what hangs on an outlet and where a sensor hangs. */
#[UsePolicy(StandardSetUpPolicy::class)]
final class StandardSetUp extends Row
{
    use Archives, Audited;

    protected $fillable = ['name', 'document', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
