<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\House\Days;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Rounds\Disturbance;

/** A system shows for a while what a messy job does to it: expected, and until when (X-12). */
#[UsePolicy(DisturbedPolicy::class)]
final class Disturbed extends Row
{
    use Audited;

    protected $table = 'disturbances';

    protected $fillable = ['system_id', 'visit_id', 'because', 'looks', 'holds', 'from_at', 'until_at', 'ended_at', 'ended_by'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'holds' => 'array',
            'from_at' => 'immutable_datetime',
            'until_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return Builder<self> what is expected at that moment */
    public static function at(CarbonImmutable $moment): Builder
    {
        return self::query()->where('from_at', '<=', $moment)->where('until_at', '>', $moment)->whereNull('ended_at');
    }

    public static function after(VisitTask $done, CarbonImmutable $at): void
    {
        $expected = self::expected($done);
        if ($expected !== null) {
            self::query()->create([
                'system_id' => $done->system_id,
                'visit_id' => $done->visit_id,
                'because' => mb_substr(lcfirst($done->name()), 0, 160),
                'looks' => $expected->looks,
                'holds' => $expected->holds,
                'from_at' => $at,
                'until_at' => $at->addMinutes((int) round(60 * $expected->hours)),
            ]);
        }
    }

    /** What a job on a visit will leave behind: of the litres that went in, where they are known. */
    public static function expected(VisitTask $task): ?Disturbance
    {
        $volumeL = $task->litres === null ? null : $task->system?->volumeL();
        $share = $volumeL === null || $volumeL <= 0 ? null : ($task->in_l ?? $task->litres) / $volumeL;

        return Disturbance::after((string) $task->type?->key, $task->type?->messy === true, $share);
    }

    /** "The water is cloudy until Fri 4 Dec 14:10 (sand top-up)" */
    public function words(): string
    {
        return self::say($this->looks, $this->until_at, $this->because);
    }

    public static function say(string $looks, CarbonImmutable $until, string $because): string
    {
        $local = $until->setTimezone(Days::zone());

        return "{$looks} until {$local->format('D j M H:i')} ({$because})";
    }
}
