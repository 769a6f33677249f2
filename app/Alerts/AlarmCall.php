<?php

declare(strict_types=1);

namespace App\Alerts;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One person of an alarm’s chain. */
#[UsePolicy(AlarmPolicy::class)]
final class AlarmCall extends Row
{
    public $timestamps = false;

    protected $fillable = ['alarm_id', 'user_id', 'position', 'step_min'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['position' => 'integer'];
    }

    /** @return BelongsTo<Alarm, $this> */
    public function alarm(): BelongsTo
    {
        return $this->belongsTo(Alarm::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
