<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Str;

/** A “later” with an owner and a day: carry-over, follow-up, check-back (X-41). */
#[UsePolicy(FollowUpPolicy::class)]
final class FollowUp extends Row
{
    use Audited;

    private const TITLE = 200;

    protected $fillable = [
        'system_id',
        'visit_id',
        'task_type_id',
        'kind',
        'text',
        'owner_id',
        'earliest_on',
        'earliest_at',
        'due_on',
        'latest_on',
        'on_site',
        'minutes',
        'persons',
        'skill',
        'done_at',
        'done_by',
        'client_uuid',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'earliest_on' => 'immutable_date',
            'earliest_at' => 'immutable_datetime',
            'due_on' => 'immutable_date',
            'latest_on' => 'immutable_date',
            'done_at' => 'immutable_datetime',
            'on_site' => 'boolean',
            'persons' => 'integer',
        ];
    }

    /** What it is called on a board and a visit; longer words end at a word, and whoever does it reads all of them. */
    public static function title(string $text): string
    {
        return Str::limit($text, self::TITLE - 1, '…', preserveWords: true);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<User, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'owner_id');
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    public const KINDS = [
        'carry-over' => 'carried over',
        'follow-up' => 'follow-up',
        'off-review' => 'off on purpose',
        'check-back' => 'look again',
        'verify' => 'verify after an outage',
        'one-off' => 'a job, once',
        'stage' => 'stage of a build',
        'call-out' => 'call-out',
        'bring' => 'bring next time',
    ];
}
