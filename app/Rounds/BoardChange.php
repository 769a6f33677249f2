<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** One change of the board: a proposal, a move, somebody ill; with what each visit was, so that it can be taken back. */
#[UsePolicy(BoardChangePolicy::class)]
final class BoardChange extends Row
{
    public const PROPOSAL = 'proposal';

    public const MOVE = 'move';

    public const OFF = 'off';

    public const SICK = 'sick';

    protected $fillable = ['kind', 'words', 'user_id', 'undone_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['undone_at' => 'immutable_datetime'];
    }

    /** @return HasMany<BoardMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(BoardMove::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
