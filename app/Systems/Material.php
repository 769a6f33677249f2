<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Archives;
use App\House\Audited;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Rock, sand, media, glue and sealant as they went in: kind, grain, colour, origin, mass, day and lot (K-47). When a lot turns out
 * bad, this says who has it.
 *
 * @property string $kind
 * @property string $name
 * @property string|null $grain
 * @property string|null $colour
 * @property string|null $origin
 * @property string|null $lot
 * @property string|null $note
 * @property float|null $mass_kg
 * @property CarbonImmutable $in_on
 */
#[UsePolicy(MaterialPolicy::class)]
final class Material extends Model
{
    use Archives, Audited;

    public const KINDS = ['rock' => 'rock', 'sand' => 'sand', 'media' => 'filter media', 'glue' => 'glue', 'sealant' => 'sealant'];

    protected $fillable = ['system_id', 'kind', 'name', 'grain', 'colour', 'origin', 'mass_kg', 'in_on', 'lot', 'note', 'user_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_on' => 'immutable_date', 'mass_kg' => 'float', 'archived_at' => 'datetime'];
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
