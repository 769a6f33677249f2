<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\Paper;
use App\Systems\Item;
use App\Systems\ItemSetting;
use App\Systems\Settings;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What devices are set to: written down with why, and printed before one is unplugged. */
final class SettingController
{
    public function store(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_if($item->retired_at !== null, 403);
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                'value' => ['required', 'string', 'max:160'],
                'why' => ['required', 'string', 'max:300'],
            ],
            ['why.required' => 'Say why: whoever finds it changed asks that first.'],
        );
        $setting = ItemSetting::query()->create([...$given, 'item_id' => $item->id, 'user_id' => $user->id, 'set_at' => now()]);

        return back()->with('said', "{$item->name}, {$setting->name}: {$setting->value}.");
    }

    /** To put every device back as it was: after a reset, an outage, a replacement. */
    public function sheet(System $system): Response
    {
        Gate::authorize('viewWorking', $system);

        return response(Paper::pdf('systems.settings', ['system' => $system, 'settings' => Settings::of($system)]), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="settings.pdf"',
        ]);
    }
}
