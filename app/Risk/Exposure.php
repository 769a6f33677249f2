<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Velbrin\Core\Risk\Hazard;

/**
 * Hours in hand of one system, one night, one hazard, as last worked out.
 *
 * @property string|null $course what a dark house's course is worked out from ({@see DarkCourse})
 */
#[UsePolicy(ExposurePolicy::class)]
final class Exposure extends Row
{
    public $timestamps = false;

    protected $fillable = [
        'system_id',
        'night',
        'hazard',
        'harm_by',
        'harm_h',
        'noticed_h',
        'acts_h',
        'hours',
        'who',
        'how',
        'needs',
        'finding',
        'cause',
        'course',
        'computed_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['hazard' => Hazard::class, 'finding' => 'array', 'computed_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
