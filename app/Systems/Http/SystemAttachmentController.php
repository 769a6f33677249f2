<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Attachments;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class SystemAttachmentController
{
    /** A photo of one device (K-1). */
    public function ofItem(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        Attachments::take($request, $item, $user);

        return back()->with('said', "The photo stands with {$item->name}.");
    }

    public function __invoke(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        Attachments::take($request, $system, $user);

        return back()->with('said', 'Kept with the system.');
    }
}
