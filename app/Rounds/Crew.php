<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Audited;
use App\House\Database\Row;
use App\Team\User;
use App\Water\Depot;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/** One or two people with a vehicle, for a time. */
#[UsePolicy(CrewPolicy::class)]
final class Crew extends Row
{
    use Audited;

    protected $fillable = [
        'name',
        'depot_id',
        'vehicle_id',
        'from_on',
        'until_on',
        'starts_min',
        'ends_min',
        'break_min',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'from_on' => 'immutable_date',
            'until_on' => 'immutable_date',
            'starts_min' => 'integer',
            'ends_min' => 'integer',
            'break_min' => 'integer',
        ];
    }

    /** @return BelongsTo<Depot, $this> */
    public function depot(): BelongsTo
    {
        return $this->belongsTo(Depot::class);
    }

    /** @return BelongsTo<Vehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(Vehicle::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class);
    }
}
