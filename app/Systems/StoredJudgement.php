<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Standing;

/** What the readings of one parameter say, rewritten with each of them. */
#[UsePolicy(StoredJudgementPolicy::class)]
final class StoredJudgement extends Row
{
    public $timestamps = false;

    protected $table = 'judgements';

    protected $fillable = [
        'system_id',
        'parameter',
        'latest',
        'latest_at',
        'standing',
        'count',
        'slope_per_day',
        'steady',
        'scatter',
        'line_now',
        'days_to_leave',
        'leaves_at',
        'spread7',
        'spread30',
        'judged_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'parameter' => MeasuredCast::class,
            'standing' => Standing::class,
            'latest_at' => 'immutable_datetime',
            'leaves_at' => 'immutable_datetime',
            'judged_at' => 'immutable_datetime',
            'steady' => 'boolean',
            'count' => 'integer',
        ];
    }

    /** The loaded judgement of that parameter. */
    public static function for(System $system, Measured $parameter): ?self
    {
        return $system->judgements->first(fn (self $j): bool => $j->getAttributes()['parameter'] === $parameter->key());
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
