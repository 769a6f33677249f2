<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\Systems\Judge;
use App\Systems\Parameters;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Reading as CoreReading;
use Velbrin\Core\Chemistry\TrialEffect;

/**
 * A choice on trial: what is expected, how it is measured, when it is judged, what became of it (X-57).
 *
 * @property array{before: float, after: float, change: float, beforeCount: int, afterCount: int, spread: float|null,
 *     clear: bool|null}|null $effect
 */
#[UsePolicy(TrialPolicy::class)]
final class Trial extends Row
{
    use Audited;

    protected $fillable = [
        'system_id',
        'method',
        'expectation',
        'parameter',
        'measure',
        'started_on',
        'judge_on',
        'verdict',
        'verdict_words',
        'judged_at',
        'judged_by',
        'effect',
        'follow_up_id',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'started_on' => 'immutable_date',
            'judge_on' => 'immutable_date',
            'verdict' => Verdict::class,
            'judged_at' => 'immutable_datetime',
            'effect' => 'array',
        ];
    }

    /** As the readings stand until that moment; null without a parameter or before both sides have one. */
    public function effectAt(CarbonImmutable $at): ?TrialEffect
    {
        if ($this->parameter === null) {
            return null;
        }
        [$start, $end] = [Judge::day($this->started_on), Judge::day($at)];
        [$from] = TrialEffect::windows($start, $end);
        $readings = Reading::query()
            ->where('system_id', $this->system_id)
            ->where('parameter', $this->parameter)
            ->whereNull('marked_at')
            ->where('taken_at', '>=', CarbonImmutable::createFromTimestampUTC((int) ($from * 86400)))
            ->where('taken_at', '<=', $at)
            ->toBase()
            ->get(['taken_at', 'value'])
            ->map(
                fn (object $r): CoreReading => CoreReading::at(
                    Judge::day(CarbonImmutable::parse((string) $r->taken_at)),
                    (float) $r->value,
                ),
            )
            ->all();

        return TrialEffect::of(array_values($readings), $start, $end);
    }

    /** What is measured; null where it is judged by eye. */
    public function measured(): ?Measured
    {
        return $this->parameter === null ? null : Parameters::here()->find($this->parameter);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function judge(): BelongsTo
    {
        return $this->belongsTo(User::class, 'judged_by');
    }

    /** @return BelongsTo<FollowUp, $this> */
    public function followUp(): BelongsTo
    {
        return $this->belongsTo(FollowUp::class);
    }
}
