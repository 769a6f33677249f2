<?php

declare(strict_types=1);

namespace App\Reports;

use App\Clients\Attachment;
use App\Clients\Site;
use App\House\Audited;
use App\House\Database\Row;
use App\House\Stamp;
use App\Rounds\Visit;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LogicException;

/** What a client reads of a visit; once sent it never changes (S-33). */
#[UsePolicy(ReportPolicy::class)]
final class Report extends Row
{
    use Audited;

    protected $fillable = ['visit_id', 'site_id', 'content', 'next_on', 'photo_id', 'sent_at', 'sent_by', 'sent_to'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'content' => 'array',
            'next_on' => 'immutable_date',
            'sent_at' => 'immutable_datetime',
            'sent_to' => 'array',
        ];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<Site, $this> */
    public function site(): BelongsTo
    {
        return $this->belongsTo(Site::class);
    }

    /** @return BelongsTo<Attachment, $this> */
    public function photo(): BelongsTo
    {
        return $this->belongsTo(Attachment::class, 'photo_id');
    }

    /** @return BelongsTo<User, $this> */
    public function sender(): BelongsTo
    {
        return $this->belongsTo(User::class, 'sent_by');
    }

    /** Of what is typed of it. */
    public function stamp(): string
    {
        return Stamp::of($this, ['content', 'next_on', 'photo_id']);
    }

    /** @return HasMany<ReportDelivery, $this> */
    public function deliveries(): HasMany
    {
        return $this->hasMany(ReportDelivery::class)->orderBy('id');
    }

    /** @return HasMany<ReportNote, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(ReportNote::class);
    }

    protected static function booted(): void
    {
        self::updating(function (self $report): void {
            if ($report->getOriginal('sent_at') !== null) {
                throw new LogicException('a sent report never changes; a dated note corrects it');
            }
        });
    }
}
