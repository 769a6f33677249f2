<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A device: its job, its age, its plug, when it is due to be replaced. */
#[UsePolicy(ItemPolicy::class)]
final class Item extends Model
{
    use Audited;

    protected $fillable = ['system_id', 'vessel_id', 'job', 'name', 'watts', 'installed_on', 'installed_precision', 'life_months', 'service_every_days', 'last_service_on', 'serial', 'plug_label', 'outlet', 'circuit', 'price_minor', 'warranty_until', 'spare_where', 'note', 'replace_on', 'retired_at', 'retired_reason', 'bases'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['job' => Job::class, 'installed_on' => 'immutable_date', 'last_service_on' => 'immutable_date', 'warranty_until' => 'immutable_date', 'replace_on' => 'immutable_date', 'retired_at' => 'immutable_datetime', 'bases' => 'array', 'price_minor' => 'integer', 'service_every_days' => 'integer'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
