<?php

declare(strict_types=1);

namespace App\Reports;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A dated correction of a sent report. */
#[UsePolicy(ReportPolicy::class)]
final class ReportNote extends Row
{
    use Audited;

    protected $fillable = ['report_id', 'user_id', 'text'];

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
}
