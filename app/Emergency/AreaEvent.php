<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Audited;
use App\House\Database\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Builder;
use Velbrin\Core\Risk\Hazard;

/**
 * A planned cut, a storm, frost, heat or works over some towns, known ahead (E-10).
 *
 * @property AreaEventKind $kind
 * @property list<string> $towns none: everywhere
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 */
#[UsePolicy(AreaEventPolicy::class)]
final class AreaEvent extends Row
{
    use Audited;

    protected $fillable = [
        'kind',
        'towns',
        'starts_at',
        'ends_at',
        'dark_h',
        'outside_c',
        'words',
        'user_id',
        'called_off_at',
        'tasks_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => AreaEventKind::class,
            'towns' => 'array',
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'called_off_at' => 'immutable_datetime',
            'tasks_at' => 'immutable_datetime',
        ];
    }

    /** @param  Builder<self>  $query */
    public function scopeAhead(Builder $query): void
    {
        $query->whereNull('called_off_at')->where('ends_at', '>', now());
    }

    /** Hours it lasts, or for which the power is gone. */
    public function hours(): float
    {
        return $this->dark_h ?? max(0.5, ($this->ends_at->getTimestamp() - $this->starts_at->getTimestamp()) / 3600);
    }

    /** @return list<Hazard> */
    public function hazards(): array
    {
        return $this->dark_h === null ? $this->kind->hazards() : [Hazard::PowerCut];
    }
}
