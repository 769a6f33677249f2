<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\Views\PersonView;
use App\Team\EndAccess;
use App\Team\Role;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Who may sign in. A new person gets a link to choose a password; a leaving one is archived and signed out. */
final class PeopleController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', User::class);

        /** @var array<int, string> $clients */
        $clients = Client::query()->current()->orderBy('name')->limit(2000)->pluck('name', 'id')->all();

        return Inertia::render('clients/People', [
            'people' => User::query()
                ->orderBy('archived_at')
                ->orderBy('name')
                ->limit(500)
                ->get()
                ->map(fn (User $u): PersonView => PersonView::of($u, $clients[$u->client_id] ?? null))
                ->all(),
            'clients' => $clients,
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', User::class);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190', Rule::unique('users', 'email')],
            'role' => ['required', Rule::enum(Role::class)],
            'client_id' => ['nullable', 'required_if:role,client', 'integer', Rule::exists('clients', 'id')],
        ]);
        if ($given['role'] !== Role::Client->value) {
            $given['client_id'] = null;
        }
        $user = User::query()->create([...$given, 'password' => Str::password(40)]);
        Password::sendResetLink(['email' => $user->email]);

        return back()->with('said', "{$user->name} has a mail with a link to choose a password.");
    }

    /** Where somebody lives decides how fast they can be somewhere; what they can do, which visits they get. */
    public function update(Request $request, User $user): RedirectResponse
    {
        Gate::authorize('update', $user);
        $user->update(
            $request->validate(
                [
                    'phone' => ['nullable', 'string', 'max:60'],
                    'home_lat' => ['nullable', 'required_with:home_lon', 'numeric:strict', 'between:-90,90'],
                    'home_lon' => ['nullable', 'required_with:home_lat', 'numeric:strict', 'between:-180,180'],
                    'skills' => ['present', 'array', 'max:12'],
                    'skills.*' => ['string', 'max:60'],
                ],
                [
                    'home_lat.required_with' => 'Latitude and longitude go together.',
                    'home_lon.required_with' => 'Latitude and longitude go together.',
                ],
            ),
        );

        return back()->with('said', "{$user->name}: kept.");
    }

    public function archive(User $user, #[CurrentUser] User $me): RedirectResponse
    {
        Gate::authorize('update', $user);
        if ($user->is($me)) {
            throw ValidationException::withMessages([
                'person' => 'You cannot lock yourself out. Let another owner do it.',
            ]);
        }
        $user->archive();
        EndAccess::of($user);
        activity()->performedOn($user)->causedBy($me)->event('archived')->log('archived');

        return back()->with(
            'said',
            "{$user->name} can no longer sign in, and no calendar address they knew answers. Crews of theirs get a new one under ".
                'Calendars.',
        );
    }
}
