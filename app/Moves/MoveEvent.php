<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Moves\Day\EventKind;

/** Something somebody said on the day of a move: never changed, never taken back. */
#[UsePolicy(MoveEventPolicy::class)]
final class MoveEvent extends Row
{
    public $timestamps = false;

    protected $fillable = ['uuid', 'move_id', 'user_id', 'kind', 'of', 'value', 'words', 'at', 'created_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EventKind::class,
            'value' => 'float',
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'created_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }

    public function getDateFormat(): string
    {
        return 'Y-m-d H:i:s.v';
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
