<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One vessel of a system, with its facts as the plan sheet names them. */
#[UsePolicy(VesselPolicy::class)]
final class Vessel extends Model
{
    use Audited;

    protected $fillable = ['system_id', 'role', 'name', 'facts', 'bases', 'net_l'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'bases' => 'array'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
