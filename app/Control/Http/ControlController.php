<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Clients\Room;
use App\Clients\Site;
use App\Control\Activate;
use App\Control\Bench;
use App\Control\Controller;
use App\Control\ControlPlaces;
use App\Control\KeepDraft;
use App\Control\SetUp;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** What drives what: controllers by place, and the bench where a set-up is written. */
final class ControlController
{
    public function index(#[CurrentUser] User $user, ControlPlaces $places): Response
    {
        Gate::authorize('viewAny', Controller::class);

        return Inertia::render('control/Places', [
            ...$places->of($user),
            'sites' => $user->plans()
                ? Site::query()
                    ->current()
                    ->orderBy('name')
                    ->toBase()
                    ->get(['id', 'name'])
                : [],
        ]);
    }

    public function store(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('createAt', [Controller::class, $site]);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80', Rule::unique('controllers', 'name')->where('site_id', $site->id)],
            'room_id' => ['nullable', 'integer', Rule::exists(Room::class, 'id')->where('site_id', $site->id)],
        ]);
        $controller = Controller::query()->create(['site_id' => $site->id, ...$given]);

        return redirect("/control/{$controller->id}")->with('said', 'Now its strips, and what is plugged in where.');
    }

    public function show(Request $request, Controller $controller, #[CurrentUser] User $user, Bench $bench): Response
    {
        Gate::authorize('view', $controller);
        $asked = $request->validate(['at' => ['nullable', 'date_format:Y-m-d\\TH:i', 'after:2020-01-01', 'before:2100-01-01']]);
        $at = is_string($asked['at'] ?? null) ? $asked['at'] : null;

        return Inertia::render('control/Bench', $bench->props($controller->load(Bench::loads()), $user, asked: $at));
    }

    /** Every change while it is typed: kept at once, checked at once, never redirected. */
    public function draft(SetUpRequest $request, Controller $controller, #[CurrentUser] User $user, Bench $bench): Response
    {
        $kept = KeepDraft::of($controller, $request->document(), $request->integer('revision'), $user);

        return Inertia::render('control/Bench', $bench->props($controller->load(Bench::loads()), $user, ! $kept));
    }

    public function activate(Request $request, Controller $controller, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('activate', $controller);
        $given = $request->validate(['why' => ['required', 'string', 'max:300'], 'entered' => ['accepted']]);
        $setUp = Activate::of($controller, is_string($given['why']) ? $given['why'] : '', $user);

        return back()->with('said', "Version {$setUp->number} runs. What ran before is kept in the history.");
    }

    public function discard(Controller $controller): RedirectResponse
    {
        Gate::authorize('update', $controller);
        $controller->setUps()->where('state', SetUp::DRAFT)->delete();

        return back()->with('said', 'The draft is gone. What runs is untouched.');
    }

    public function archive(Controller $controller): RedirectResponse
    {
        Gate::authorize('activate', $controller);
        $controller->archive();

        return redirect('/control')->with('said', "{$controller->name} is archived.");
    }
}
