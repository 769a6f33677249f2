<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Link\TakeLogBack;
use App\House\Trail;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Plant\FaultKind;

/** Devices that report for a controller: their tokens, and what is broken at a simulated one. */
final class DeviceController
{
    /** Beside what breaks in the plant: the line to us is pulled. */
    private const REPORT_LOST = 'report-lost';

    public function store(Request $request, Controller $controller, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('activate', $controller);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'kind' => ['required', Rule::in([LinkDevice::REAL, LinkDevice::SIMULATED])],
        ]);
        $token = LinkDevice::token();
        LinkDevice::query()->create([
            ...$given,
            'controller_id' => $controller->id,
            'token_hash' => LinkDevice::hashOf($token),
            'user_id' => $user->id,
        ]);
        Trail::write('device token made', 'device-token', $controller);
        $said = $given['kind'] === LinkDevice::REAL
            ? "Its token, told once: {$token}"
            : 'It runs with the next start of the simulated controllers.';

        return back()->with('said', $said);
    }

    public function revoke(LinkDevice $device): RedirectResponse
    {
        Gate::authorize('update', $device);
        $device->update(['revoked_at' => now()]);
        Trail::write('device token taken back', 'device-token', $device);

        return back()->with('said', "{$device->name} opens nothing any more. What it has reported stays.");
    }

    /** A log that was the wrong file, or went to the wrong probe. */
    public function takeBack(Request $request, LinkDevice $device, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $device->controller()->firstOrFail());
        if ($device->kind !== LinkDevice::FILE) {
            throw ValidationException::withMessages(['because' => 'What a device has reported stays. Take its token back instead.']);
        }
        $given = $request->validate(
            ['because' => ['required', 'string', 'max:200']],
            ['because.required' => 'Say what was wrong with it.'],
        );
        $isDone = TakeLogBack::of($device, is_string($given['because']) ? $given['because'] : '', $user);

        return back()->with('said', $isDone
            ? "{$device->name} counts no more. What was made of it is marked; the right one can be taken in now."
            : "{$device->name} was taken back before.");
    }

    /** What is broken at a simulated controller from now on. */
    public function breaks(Request $request, LinkDevice $device): RedirectResponse
    {
        Gate::authorize('update', $device);
        abort_unless($device->kind === LinkDevice::SIMULATED, 404);
        $kinds = [...array_column(FaultKind::cases(), 'value'), self::REPORT_LOST];
        $given = $request->validate([
            'breaks' => ['present', 'array', 'list', 'max:8'],
            'breaks.*.kind' => ['required', Rule::in($kinds)],
            'breaks.*.of' => ['nullable', 'string', 'max:40'],
            'breaks.*.value' => ['nullable', 'numeric:strict', 'between:-1000,1000'],
        ]);
        $device->update(['breaks' => $given['breaks']]);

        return back()->with('said', $given['breaks'] === [] ? 'All mended.' : 'Broken. Watch what it does.');
    }
}
