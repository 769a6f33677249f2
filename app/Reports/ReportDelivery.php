<?php

declare(strict_types=1);

namespace App\Reports;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Measure\Units;

/** A sent report's way to one reader: each goes by itself, so one bad address holds up nobody and nobody gets it twice. */
#[UsePolicy(ReportPolicy::class)]
final class ReportDelivery extends Row
{
    public const WAITING = 'waiting';

    public const GONE = 'gone';

    public const FAILED = 'failed';

    protected $table = 'report_mails';

    protected $fillable = ['report_id', 'address', 'user_id', 'state', 'sent_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Report, $this> */
    public function report(): BelongsTo
    {
        return $this->belongsTo(Report::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function units(): Units
    {
        return $this->user?->units() ?? Units::metric();
    }
}
