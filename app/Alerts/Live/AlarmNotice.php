<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One call of one person: written when the alarm is raised, sent when it is due, dropped when somebody has answered. */
#[UsePolicy(AlarmEventPolicy::class)]
final class AlarmNotice extends Row
{
    public $timestamps = false;

    protected $fillable = ['uuid', 'alarm_event_id', 'user_id', 'round', 'due_at', 'sent_at', 'dropped_at', 'tries'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'due_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'sent_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'dropped_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'round' => 'integer',
            'tries' => 'integer',
        ];
    }

    public function getDateFormat(): string
    {
        return 'Y-m-d H:i:s.v';
    }

    /** @return BelongsTo<AlarmEvent, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(AlarmEvent::class, 'alarm_event_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
