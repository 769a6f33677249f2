<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;
use Velbrin\Core\Emergency\Entry;
use Velbrin\Core\Emergency\Said;

/** One thing said of an incident, once; never changed. */
#[UsePolicy(IncidentPolicy::class)]
final class IncidentEntry extends Row
{
    public $timestamps = false;

    protected $fillable = ['uuid', 'incident_id', 'user_id', 'said', 'of', 'value', 'words', 'at', 'created_at'];

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('what was said stays said'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['said' => Said::class, 'at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    public function entry(): Entry
    {
        return new Entry($this->said, (float) $this->at->format('U.v'), $this->of, $this->value, $this->words);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
