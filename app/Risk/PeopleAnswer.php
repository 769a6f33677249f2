<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Risk\PeopleHazard;

/** What somebody competent said about something that can hurt people (R-16). */
#[UsePolicy(ProofPolicy::class)]
final class PeopleAnswer extends Row
{
    use Audited;

    protected $fillable = ['system_id', 'hazard', 'holds', 'who_says', 'on', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hazard' => PeopleHazard::class, 'holds' => 'boolean', 'on' => 'immutable_date'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
