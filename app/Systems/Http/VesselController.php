<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\System;
use App\Systems\Vessel;
use App\Systems\VesselChange;
use App\Systems\VesselJoined;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A vessel joins a running system, or leaves it. */
final class VesselController
{
    private const SIZES = ['lengthMm', 'widthMm', 'heightMm', 'wallMm', 'waterMm', 'bottomMm', 'downMm'];

    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $system);
        $size = ['nullable', 'numeric:strict', 'min:0', 'max:8000'];
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:120'],
                ...array_fill_keys(self::SIZES, $size),
                ...array_fill_keys(['lengthMm', 'widthMm', 'heightMm', 'waterMm'], ['required', 'numeric:strict', 'gt:0', 'max:8000']),
                'ownPump' => ['required', 'boolean:strict'],
                'reversed' => ['required', 'boolean:strict'],
                'room_id' => ['nullable', 'integer', Rule::exists('rooms', 'id')->where('site_id', $system->site_id)],
                'leak_tested' => ['accepted'],
                'behind_valve' => ['required', 'boolean:strict'],
            ],
            ['leak_tested.accepted' => 'First the leak test: filled, on its place, a day at least.'],
        );
        $row = array_filter(
            array_intersect_key($given, array_flip([...self::SIZES, 'ownPump', 'reversed'])),
            fn (mixed $v): bool => $v !== null,
        );
        $name = $request->string('name')->toString();
        $this->fits($system, $name, $row, $request->boolean('behind_valve'), $user->units());
        $roomId = $request->filled('room_id') ? $request->integer('room_id') : null;
        $opened = VesselChange::joins($system, $name, $row, $roomId, $user);
        VesselJoined::dispatch($system, $name, $user);

        return back()->with('said', "{$name} is part of it from today. {$opened} things to confirm; a look is booked for tomorrow.");
    }

    /**
     * Over the room at any step: Stop, unless it is filled behind its closed valve.
     *
     * @param  array<string, mixed>  $row
     *
     * @throws ValidationException
     */
    private function fits(System $system, string $name, array $row, bool $isBehindValve, Units $units): void
    {
        ['joined' => $joined, 'needs' => $needs] = VesselChange::weigh($system->load('vessels'), $name, $row);
        if ($needs !== null && ! $isBehindValve) {
            throw ValidationException::withMessages([
                'behind_valve' => "Whether it fits cannot be said: it needs {$needs}. Fill it behind its closed valve.",
            ]);
        }
        if ($joined !== null && ! $joined->fits && ! $isBehindValve) {
            $show = fn (float $v, Kind $kind): string => $units->show(Quantity::of($v, $kind));
            throw ValidationException::withMessages(['behind_valve' => sprintf(
                'While everything is open %s fit, with the room a power cut needs. The return chamber would rise by %s. '.
                    'Fill it behind its closed valve: then nothing rises.',
                $show($joined->fitsL, Kind::Volume),
                $show($joined->riseMm, Kind::Length),
            )]);
        }
    }

    public function leave(Request $request, Vessel $vessel, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $vessel);
        $request->validate(['because' => ['required', 'string', 'max:300']], ['because.required' => 'Say why it goes.']);
        if ($vessel->role !== 'other' || $vessel->left_on !== null) {
            throw ValidationException::withMessages(['because' => 'Display and sump are changed in the section; a swap is a move.']);
        }
        $opened = VesselChange::leaves($vessel, $request->string('because')->toString(), $user);

        return back()->with('said', "{$vessel->name} is no longer part of it. {$opened} things to confirm.");
    }
}
