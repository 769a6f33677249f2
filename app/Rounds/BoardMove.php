<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a visit was before a change of the board, and what it became.
 *
 * @property array<string, mixed> $was
 * @property array<string, mixed> $became
 */
#[UsePolicy(BoardChangePolicy::class)]
final class BoardMove extends Row
{
    /** What a change of the board may write. */
    public const COLUMNS = [
        'crew_id',
        'planned_on',
        'position',
        'starts_at',
        'state',
        'pinned',
        'promised_at',
        'promised_by',
        'moved_from',
        'why_unplanned',
    ];

    protected $fillable = ['board_change_id', 'visit_id', 'was', 'became', 'told_at', 'told_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['was' => 'array', 'became' => 'array', 'told_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<BoardChange, $this> */
    public function change(): BelongsTo
    {
        return $this->belongsTo(BoardChange::class, 'board_change_id');
    }

    /** @return array<string, mixed> as the database holds it, so that two states can be compared */
    public static function state(Visit $visit): array
    {
        $columns = array_intersect_key($visit->getAttributes(), array_flip(self::COLUMNS));
        $columns['moved_from'] = $visit->moved_from;
        $columns['pinned'] = (int) ($columns['pinned'] ?? 0);
        $columns['planned_on'] = is_string($columns['planned_on'] ?? null)
            ? substr($columns['planned_on'], 0, 10)
            : null;
        $columns['starts_at'] = $visit->starts_at?->format('Y-m-d H:i:s');
        $columns['promised_at'] = $visit->promised_at?->format('Y-m-d H:i:s');

        return [...array_fill_keys(self::COLUMNS, null), ...$columns];
    }
}
