<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Emergency\AreaEvent;
use App\Emergency\AreaEventKind;
use App\Emergency\JobsBefore;
use App\Emergency\StormAsked;
use App\Emergency\StormDesk;
use App\House\Days;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** What comes over an area is written down ahead; jobs are made for who would reach harm (E-10). */
final class AreaEventController
{
    public function store(AreaEventRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $at = fn (string $key): CarbonImmutable => CarbonImmutable::parse($request->string($key)->toString(), Days::zone())->utc();
        $kind = AreaEventKind::from($request->string('kind')->toString());
        $event = AreaEvent::query()->create([
            'kind' => $kind,
            'towns' => array_values($request->array('towns')),
            'starts_at' => $at('starts_at'),
            'ends_at' => $at('ends_at'),
            'dark_h' => $request->filled('dark_h') ? $request->float('dark_h') : null,
            'outside_c' => $request->filled('outside_c') ? $request->float('outside_c') : null,
            'words' => $request->input('words'),
            'user_id' => $user->id,
        ]);

        return redirect("/risk/storm?event={$event->id}")->with('said', 'It is written down; below stands who would reach harm.');
    }

    public function jobs(AreaEvent $areaEvent, StormDesk $desk, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $areaEvent);
        abort_if($areaEvent->called_off_at !== null, 409, 'It was called off.');
        $made = JobsBefore::make($areaEvent, $desk->exposedIds(StormAsked::ofEvent($areaEvent, 0.0)), $user);

        return back()->with('said', $made === 0
            ? 'Their jobs stand in the rounds already.'
            : "{$made} ".($made === 1 ? 'job is' : 'jobs are').' in the rounds now, due the day before.');
    }

    public function callOff(AreaEvent $areaEvent): RedirectResponse
    {
        Gate::authorize('update', $areaEvent);
        $areaEvent->update(['called_off_at' => CarbonImmutable::now()]);

        return redirect('/risk/storm')->with('said', 'Called off. Its jobs stay in the rounds: take out those not wanted.');
    }
}
