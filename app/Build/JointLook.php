<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Somebody looked at one joint while the system filled (B-87). */
#[UsePolicy(JointLookPolicy::class)]
final class JointLook extends Row
{
    use Audited;

    protected $fillable = ['plan_version_id', 'joint', 'moment', 'dry', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['dry' => 'boolean', 'joint' => 'integer'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
