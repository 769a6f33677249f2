<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\Views\PersonView;
use App\Team\CompanyRule;
use App\Team\EndAccess;
use App\Team\MailPasswordLink;
use App\Team\Role;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
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
            'factorIsAsked' => CompanyRule::holds(CompanyRule::SECOND_FACTOR),
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
        MailPasswordLink::dispatch($user->email);

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
                    'may_silence' => ['sometimes', 'boolean:strict'],
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

    /** What somebody may do from now on: wherever they are signed in, they sign in anew. */
    public function role(Request $request, User $user, #[CurrentUser] User $me): RedirectResponse
    {
        Gate::authorize('update', $user);
        if ($user->is($me)) {
            throw ValidationException::withMessages(['role' => 'Your own role is changed by another owner.']);
        }
        $given = $request->validate([
            'role' => ['required', Rule::in(Role::ours())],
        ]);
        if (! $user->isStaff()) {
            throw ValidationException::withMessages([
                'role' => 'A client’s person stays one. Lock them out, and let them in under another address.',
            ]);
        }
        $was = $user->role;
        $user->update(['role' => $given['role']]);
        EndAccess::sessions($user);
        $user->tokens()->delete();
        activity()
            ->performedOn($user)
            ->causedBy($me)
            ->event('role')
            ->withProperties(['was' => $was->value, 'is' => $user->role->value])
            ->log('role changed');

        return back()->with('said', "{$user->name} is {$user->role->label()} from now on, and signs in anew.");
    }

    /** Somebody comes back: they choose a password again; nothing they held before holds. */
    public function letInAgain(User $user, #[CurrentUser] User $me): RedirectResponse
    {
        Gate::authorize('update', $user);
        if (! $user->isArchived()) {
            throw ValidationException::withMessages(['person' => "{$user->name} may sign in already."]);
        }
        EndAccess::of($user);
        $user->forceFill(['archived_at' => null, 'password' => Str::password(40)])->save();
        activity()->performedOn($user)->causedBy($me)->event('returned')->log('let in again');
        MailPasswordLink::dispatch($user->email);

        return back()->with('said', "{$user->name} is back, and has a mail with a link to choose a password.");
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

        return back()->with(
            'said',
            "{$user->name} can no longer sign in, and no calendar address they knew answers. Crews of theirs get a new one under ".
                'Calendars.',
        );
    }
}
