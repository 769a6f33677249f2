<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Str;
use Spatie\Activitylog\Models\Activity;

/**
 * A line of the audit trail. Its values stand here, where the law may ask for them to be erased; their digest stands in the ledger, a
 * database the application only adds to.
 */
final class TrailLine extends Activity
{
    protected static function booted(): void
    {
        self::creating(function (self $line): void {
            $line->setAttribute('trail_id', (string) Str::ulid());
            $line->setAttribute('salt', bin2hex(random_bytes(16)));
        });
        self::created(fn (self $line) => Ledger::add($line->getAttributes()));
    }
}
