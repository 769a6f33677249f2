<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Clients\Attachments;
use App\Clients\Contact;
use App\Clients\RemoteAccess;
use App\Clients\Site;
use App\Clients\Views\RemoteAccessView;
use App\Emergency\HouseholdSheet;
use App\Emergency\IncidentDesk;
use App\Emergency\ReadyDesk;
use App\Emergency\Sheet;
use App\Emergency\ShutOff;
use App\Emergency\ShutOffKind;
use App\House\Days;
use App\Systems\Item;
use App\Systems\System;
use App\Team\Role;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Tonight;

/** Ready before it happens: where a place is shut off, what stands ready, whom to ring; one sheet for a dark house (E-1, E-8). */
final class ReadyController
{
    public function show(Site $site, #[CurrentUser] User $user, ReadyDesk $desk, IncidentDesk $incidents): Response
    {
        Gate::authorize('view', $site);
        $site->load('client');
        $shut = ShutOff::query()->where('site_id', $site->id)->get()->keyBy(fn (ShutOff $s): string => $s->kind->value);
        $photos = $site->attachments()->current()->where('about', 'like', ShutOff::ABOUT.'%')->orderBy('id')->pluck('id', 'about');
        $systems = ReadyDesk::systems($site);
        $read = $desk->read($systems);

        return Inertia::render('emergency/Ready', [
            'site' => ['id' => $site->id, 'name' => $site->name, 'client' => $site->client?->name, 'clientId' => $site->client_id],
            'shutOffs' => array_map(
                fn (ShutOffKind $k): array => [
                    'kind' => $k->value,
                    'label' => $k->label(),
                    'asks' => $k->asks(),
                    'words' => $shut->get($k->value)?->words,
                    'whoMay' => $shut->get($k->value)?->who_may,
                    'on' => $shut->get($k->value)?->looked_on->toDateString(),
                    'photo' => $photos[ShutOff::ABOUT.$k->value] ?? null,
                ],
                ShutOffKind::cases(),
            ),
            'systems' => $systems->map(fn (System $s): array => self::system($s, $desk, $read[$s->id]))->all(),
            'chain' => $incidents->chain($site),
            'remote' => RemoteAccess::query()->open()->where('site_id', $site->id)->with(['user', 'contact'])->orderBy('given_on')->get()
                ->map(fn (RemoteAccess $a): RemoteAccessView => RemoteAccessView::of($a, $user))
                ->values(),
            'holders' => Inertia::optional(fn (): array => self::holders($site)),
            'devices' => Inertia::optional(fn (): array => self::devices($systems)),
            'mayUpdate' => $user->can('update', $site),
        ]);
    }

    public function shutOff(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $site);
        $given = $request->validate(
            [
                'kind' => ['required', Rule::enum(ShutOffKind::class)],
                'words' => ['required', 'string', 'min:8', 'max:400'],
                'who_may' => ['nullable', 'string', 'max:200'],
                'looked_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-5 years'],
                'file' => ['nullable', ...array_slice(Attachments::rules(), 1)],
            ],
            [
                ...Attachments::messages(),
                'words.required' => 'In words a stranger can follow in the dark.',
                'words.min' => 'In words a stranger can follow in the dark.',
            ],
        );
        $shutOff = ShutOff::query()->updateOrCreate(
            ['site_id' => $site->id, 'kind' => $given['kind']],
            [
                'words' => $given['words'],
                'who_may' => $given['who_may'] ?? null,
                'looked_on' => $given['looked_on'],
                'user_id' => $user->id,
            ],
        );
        $photo = $request->file('file');
        if ($photo instanceof UploadedFile) {
            Attachments::keep($site, $photo, $shutOff->kind->label(), $user, ShutOff::ABOUT.$shutOff->kind->value);
        }

        return back()->with('said', 'Kept; it heads the emergency sheet.');
    }

    /** One page that works without power and network. */
    public function sheet(Site $site, #[CurrentUser] User $user, Sheet $sheet): HttpResponse
    {
        Gate::authorize('view', $site);

        return response($sheet->pdf($site, $user->units()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="emergency.pdf"',
        ]);
    }

    /** For those who live with it. */
    public function household(Site $site, #[CurrentUser] User $user, HouseholdSheet $sheet): HttpResponse
    {
        Gate::authorize('view', $site);

        return response($sheet->pdf($site, $user->units()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="living-with-it.pdf"',
        ]);
    }

    /** @return array{ours: array<int, string>, theirs: array<int, string>} who could hold an access */
    private static function holders(Site $site): array
    {
        return [
            'ours' => User::query()->current()->whereIn('role', Role::ours())->orderBy('name')->pluck('name', 'id')->all(),
            'theirs' => Contact::query()->current()->where('client_id', $site->client_id)->orderBy('name')->pluck('name', 'id')->all(),
        ];
    }

    /**
     * @param  Collection<int, System>  $systems
     * @return array<int, string> what could be switched off there
     */
    private static function devices(Collection $systems): array
    {
        return Item::query()
            ->whereIn('system_id', $systems->map(fn (System $s): int => $s->id))
            ->whereNull('retired_at')
            ->orderBy('name')
            ->pluck('name', 'id')
            ->all();
    }

    /**
     * @param  array{tank: Tonight|string, cold: Tonight|string, helpH: float|null, losses: array<string, float>}  $read
     * @return array<string, mixed>
     */
    private static function system(System $system, ReadyDesk $desk, array $read): array
    {
        [$tank, $cold] = [$read['tank'], $read['cold']];
        $needs = is_string($tank) ? $tank : $cold;

        return [
            'id' => $system->id,
            'name' => $system->name,
            'needs' => is_string($needs) ? $needs : null,
            'ready' => is_string($tank) || is_string($cold)
                ? null
                : $desk->of($system, $tank, $cold, $read['helpH'], $read['losses']),
        ];
    }
}
