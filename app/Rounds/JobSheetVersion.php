<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Database\Row;
use App\Team\User;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One version of a job sheet, with the reason it came to be; never changed (P-22).
 *
 * @property list<string> $steps
 * @property list<int> $holds
 * @property list<string> $cautions
 * @property array<int, int> $products
 * @property array<string, string|list<string>> $about
 */
#[UsePolicy(JobSheetVersionPolicy::class)]
final class JobSheetVersion extends Row
{
    protected $table = 'job_sheets';

    protected $fillable = [
        'task_type_id',
        'version',
        'steps',
        'holds',
        'cautions',
        'products',
        'about',
        'reason',
        'user_id',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'steps' => 'array',
            'holds' => 'array',
            'cautions' => 'array',
            'products' => 'array',
            'about' => 'array',
            'version' => 'integer',
        ];
    }

    /** @return BelongsTo<TaskType, $this> */
    public function type(): BelongsTo
    {
        return $this->belongsTo(TaskType::class, 'task_type_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
