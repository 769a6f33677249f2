<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Room;
use App\Systems\SystemFacts;
use App\Systems\Vessel;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** In which room a vessel stands (B-88). */
final class VesselRoomController
{
    public function __invoke(Request $request, Vessel $vessel): RedirectResponse
    {
        Gate::authorize('update', $vessel);
        $given = $request->validate([
            'room_id' => [
                'nullable',
                'integer',
                Rule::exists('rooms', 'id')
                    ->whereNull('archived_at')
                    ->where('site_id', (int) $vessel->system?->site_id),
            ],
        ]);
        $room = isset($given['room_id']) ? Room::query()->whereKey($given['room_id'])->firstOrFail() : null;
        SystemFacts::room($vessel, $room);

        return back()->with(
            'said',
            $room === null
                ? "{$vessel->name} stands with the system."
                : "{$vessel->name} stands in {$room->name}; its climate counts there.",
        );
    }
}
