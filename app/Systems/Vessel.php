<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Room;
use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One vessel of a system, with its facts as the plan sheet names them. */
#[UsePolicy(VesselPolicy::class)]
final class Vessel extends Row
{
    use Audited;

    protected $fillable = ['system_id', 'role', 'name', 'facts', 'bases', 'net_l', 'room_id', 'joined_on', 'left_on', 'left_because'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'bases' => 'array', 'joined_on' => 'immutable_date', 'left_on' => 'immutable_date'];
    }

    /** @return BelongsTo<Room, $this> the room it stands in, where that is not the system's */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return BelongsTo<System, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(System::class);
    }
}
