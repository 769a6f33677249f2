<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Somebody made a protection act, and it did or it did not (R-43). */
#[UsePolicy(ProofPolicy::class)]
final class Proof extends Row
{
    use Audited;

    public const ITEM = 'item';

    public const EMERGENCY_DRAIN = 'emergency-drain';

    public const GENERATOR = 'generator';

    protected $fillable = ['system_id', 'item_id', 'what', 'method', 'passed', 'on', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['passed' => 'boolean', 'on' => 'immutable_date'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return array<string, string> what can be proved beside devices */
    public static function whats(): array
    {
        return [
            self::EMERGENCY_DRAIN => 'Emergency drain, run with the main blocked',
            self::GENERATOR => 'Generator, started by itself and under load',
        ];
    }
}
