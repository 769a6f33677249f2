<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A part or consumable used at a visit. */
#[UsePolicy(VisitTaskPolicy::class)]
final class VisitPart extends Row
{
    protected $fillable = ['visit_id', 'system_id', 'name', 'quantity', 'client_uuid'];

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
