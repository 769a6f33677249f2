<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A kind of job, in the company’s own words (S-1).
 *
 * @property list<string> $steps
 * @property list<string> $cautions
 * @property list<string> $off
 * @property list<string> $readings
 * @property list<string> $turns
 * @property list<int> $holds
 * @property array<int, int> $products by step, the product it opens
 * @property array<string, string|list<string>> $about by TaskType::ABOUT
 */
#[UsePolicy(TaskTypePolicy::class)]
final class TaskType extends Row
{
    use Archives, Audited;

    protected $fillable = [
        'key',
        'name',
        'every_days',
        'minutes',
        'steps',
        'cautions',
        'off',
        'readings',
        'holds',
        'turns',
        'persons',
        'skill',
        'messy',
        'photo_first',
        'version',
        'version_on',
        'products',
        'build',
        'stage',
        'about',
    ];

    /** What a sheet says besides its steps; words, and two lists. */
    public const ABOUT = [
        'purpose' => false,
        'whenNot' => false,
        'tools' => true,
        'materials' => true,
        'proof' => false,
        'record' => false,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'steps' => 'array',
            'cautions' => 'array',
            'off' => 'array',
            'readings' => 'array',
            'holds' => 'array',
            'turns' => 'array',
            'products' => 'array',
            'about' => 'array',
            'build' => 'boolean',
            'version_on' => 'immutable_date',
            'version' => 'integer',
            'messy' => 'boolean',
            'photo_first' => 'boolean',
            'persons' => 'integer',
            'archived_at' => 'datetime',
        ];
    }

    /** @return HasMany<JobSheetVersion, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(JobSheetVersion::class);
    }
}
