<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\Clients\Attachment;
use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Moves\Work\Mark;
use Velbrin\Core\Moves\Work\Todo;

/** What somebody said of a step of a work. It may be taken back; it is never gone. */
#[UsePolicy(WorkMarkPolicy::class)]
final class WorkMark extends Row
{
    use Audited;

    protected $fillable = [
        'client_uuid',
        'work_id',
        'user_id',
        'step',
        'value',
        'answer',
        'words',
        'attachment_id',
        'at',
        'taken_back_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'step' => Todo::class,
            'value' => 'float',
            'answer' => 'boolean',
            'at' => 'immutable_datetime',
            'taken_back_at' => 'immutable_datetime',
        ];
    }

    public function toMark(): Mark
    {
        return new Mark(
            todo: $this->step,
            atS: (float) $this->at->getTimestamp(),
            value: $this->value,
            answer: $this->answer,
            hasPhoto: $this->attachment_id !== null,
        );
    }

    /** @return BelongsTo<Work, $this> */
    public function work(): BelongsTo
    {
        return $this->belongsTo(Work::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Attachment, $this> */
    public function attachment(): BelongsTo
    {
        return $this->belongsTo(Attachment::class);
    }
}
