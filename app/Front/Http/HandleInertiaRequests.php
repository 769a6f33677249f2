<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\Front\Views\ShellView;
use App\Team\User;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page knows: who is signed in, their units and theme, the stations they can go to. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();
        $said = $request->hasSession() ? $request->session()->get('said') : null;

        return [
            ...parent::share($request),
            'shell' => fn (): ShellView => ShellView::for($user instanceof User ? $user : null),
            'said' => is_string($said) ? $said : null,
        ];
    }
}
