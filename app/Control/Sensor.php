<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Archives;
use App\House\Audited;
use App\House\Database\Row;
use App\Systems\System;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A probe or a switch that reports to a controller, and where it hangs. */
#[UsePolicy(SitePartPolicy::class)]
final class Sensor extends Row implements SitePart
{
    use Archives, Audited;

    public const PROBE = 'probe';

    public const FLOAT = 'switch';

    /** Where a probe hangs, and where a switch does. */
    public const PLACES = [
        self::PROBE => ['display', 'sump', 'room'],
        self::FLOAT => ['return', 'display', 'store', 'floor'],
    ];

    public const QUANTITIES = ['temperature', 'ph', 'salinity', 'oxygen', 'level'];

    protected $fillable = [
        'controller_id',
        'system_id',
        'kind',
        'name',
        'quantity',
        'resolution',
        'hangs_in',
        'at',
        'calibrated_on',
        'calibrate_every_days',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'calibrated_on' => 'immutable_date',
            'calibrate_every_days' => 'integer',
            'archived_at' => 'datetime',
            'still_s' => 'float',
        ];
    }

    /** @return BelongsTo<Controller, $this> */
    public function controller(): BelongsTo
    {
        return $this->belongsTo(Controller::class);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }

    public function siteId(): int
    {
        return $this->controller()->firstOrFail()->site_id;
    }

    /** Its name in a set-up, never used again. */
    public function key(): string
    {
        return "s{$this->id}";
    }
}
