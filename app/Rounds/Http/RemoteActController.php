<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\RemoteAccess;
use App\House\Days;
use App\Rounds\RemoteAct;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Written down when something was switched off from afar. */
final class RemoteActController
{
    public function __invoke(Request $request, RemoteAccess $remoteAccess, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('act', $remoteAccess);
        $systems = System::query()->current()->where('site_id', $remoteAccess->site_id)->pluck('id')->all();
        $given = $request->validate(
            [
                'item_id' => ['required', 'integer', Rule::exists('items', 'id')->whereIn('system_id', $systems)->whereNull('retired_at')],
                'because' => ['required', 'string', 'max:300'],
                'until' => ['required', 'date_format:Y-m-d', 'after_or_equal:'.Days::text(), 'before:+1 year'],
            ],
            ['because.required' => 'Say why.', 'until.required' => 'Say until when: what is switched off needs a way back.'],
        );
        $item = Item::query()->with('system')->whereKey($given['item_id'])->firstOrFail();
        $system = $item->system ?? abort(404);
        RemoteAct::off(
            $remoteAccess,
            $system,
            ['item_id' => $item->id, 'because' => $given['because'], 'until' => $given['until']],
            $user,
        );

        return back()->with('said', "{$item->name} is written down as off. It stands on {$system->name} until it is on again.");
    }
}
