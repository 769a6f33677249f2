<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Clients\Site;
use App\Emergency\CloseIncident;
use App\Emergency\Incident;
use App\Emergency\IncidentClocks;
use App\Emergency\IncidentDesk;
use App\Emergency\IncidentEntry;
use App\Emergency\NearSpares;
use App\Emergency\StartIncident;
use App\Emergency\TakeEntries;
use App\Emergency\WhoGoes;
use App\Emergency\WhoIsNear;
use App\Rounds\Entries\PhoneLot;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Emergency\CloseGate;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Emergency\IncidentState;
use Velbrin\Core\Emergency\LogWords;
use Velbrin\Core\Emergency\Own;
use Velbrin\Core\Measure\Units;

/** Led through an emergency: the clock, the first three things, whom to ring, what is near; then the review (E-3, E-4, E-9). */
final class IncidentController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', Incident::class);
        $line = fn (Incident $i): array => [
            'id' => $i->id,
            'kind' => $i->kind->label(),
            'system' => $i->system?->name,
            'where' => "{$i->system?->site?->client?->name}, {$i->system?->site?->name}",
            'state' => $i->stands()->label(),
            'beganAt' => $i->began_at->toIso8601ZuluString(),
            'closedAt' => $i->closed_at?->toIso8601ZuluString(),
            'by' => $i->user?->name,
        ];
        $with = ['system.site.client', 'entries', 'user'];

        return Inertia::render('emergency/Incidents', [
            'open' => Incident::query()->open()->with($with)->orderByDesc('began_at')->limit(100)->get()->map($line)->all(),
            'closed' => Incident::query()
                ->whereNotNull('closed_at')
                ->with($with)
                ->orderByDesc('closed_at')
                ->limit(30)
                ->get()
                ->map($line)
                ->all(),
        ]);
    }

    public function store(Request $request, System $system, #[CurrentUser] User $user, StartIncident $start): RedirectResponse
    {
        Gate::authorize('create', Incident::class);
        Gate::authorize('viewWorking', $system);
        $given = $request->validate([
            'uuid' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(EmergencyKind::class)],
            'alarm_id' => ['nullable', 'integer', Rule::exists('alarms', 'id')->where('system_id', $system->id)],
            'at' => ['nullable', 'date'],
        ]);
        $incident = $start(
            $system,
            EmergencyKind::from($given['kind']),
            $given['uuid'],
            $user,
            $given['alarm_id'] ?? null,
            is_string($given['at'] ?? null) ? CarbonImmutable::parse($given['at']) : null,
        );

        return redirect("/incidents/{$incident->id}");
    }

    public function show(
        Request $request,
        Incident $incident,
        #[CurrentUser] User $user,
        IncidentDesk $desk,
        NearSpares $spares,
    ): Response {
        Gate::authorize('view', $incident);
        $hours = $request->validate(
            array_fill_keys(['restore', 'boxes', 'catch', 'next'], ['sometimes', 'nullable', 'numeric', 'between:0,240']),
        );
        $asked = array_map(
            fn (string $key): ?float => is_numeric($hours[$key] ?? null) ? (float) $hours[$key] : null,
            ['restore' => 'restore', 'boxes' => 'boxes', 'catch' => 'catch', 'next' => 'next'],
        );
        $incident->load(['system.site.client', 'system.items', 'system.vessels', 'system.room', 'entries.user', 'user']);
        $system = $incident->system()->with(['site.client', 'items', 'vessels', 'room'])->firstOrFail();
        $course = $incident->course();
        $tank = $desk->tank($system);
        $own = $desk->own($system, $course, is_string($tank) ? null : $tank);
        $began = (float) $incident->began_at->getTimestamp();
        $clocks = is_string($tank)
            ? []
            : IncidentClocks::clocks($incident->kind, $tank, $course, $began, IncidentClocks::now(), $user->units());
        $go = is_string($tank) ? null : WhoGoes::of($system, $tank, $user->units());
        $failed = $incident->failed_item_id === null ? null : Item::query()->find($incident->failed_item_id);

        return Inertia::render('emergency/Incident', [
            'incident' => [
                'id' => $incident->id,
                'kind' => $incident->kind->value,
                'label' => $incident->kind->label(),
                'isDanger' => $incident->kind->isDanger(),
                'state' => $course->state->value,
                'stateLabel' => $incident->stands()->label(),
                'sinceAt' => gmdate('Y-m-d\TH:i:s\Z', (int) $course->sinceS),
                'beganAt' => $incident->began_at->toIso8601ZuluString(),
                'closedAt' => $incident->closed_at?->toIso8601ZuluString(),
                'wet' => $course->wet,
                'spilling' => $course->spilling?->value,
                'done' => $course->done,
                'review' => $incident->review,
                'mayClose' => $user->can('close', $incident),
                'by' => $incident->user?->name,
            ],
            'system' => [
                'id' => $system->id,
                'name' => $system->name,
                'siteId' => $system->site_id,
                'where' => "{$system->site?->client?->name}, {$system->site?->name}",
                'items' => $system->items->filter(fn (Item $i): bool => $i->retired_at === null)
                    ->map(fn (Item $i): array => ['id' => $i->id, 'name' => $i->name])->values()->all(),
            ],
            'next' => array_values(
                array_map(
                    fn (IncidentState $s): array => ['state' => $s->value, 'label' => $s->label()],
                    array_filter($incident->stands()->next(), fn (IncidentState $s): bool => $s !== IncidentState::Closed),
                ),
            ),
            'actions' => IncidentDesk::firstThree($incident->kind, $own, $user->units()),
            'then' => IncidentDesk::then($incident->kind, $own, $user->units()),
            'staysOn' => FirstThree::staysOn($incident->kind, $own)->in($user->units()),
            'never' => IncidentDesk::never($incident->kind, $user->units()),
            'comesDown' => IncidentClocks::comesDown($system, $course, $user->units()),
            'ifBreaker' => IncidentClocks::ifBreaker($system, $incident->kind, $tank, $course, $user->units()),
            'clocks' => $clocks,
            'stay' => IncidentDesk::stay($asked, $clocks, $go),
            'go' => $go,
            'asked' => $asked,
            'rewarm' => is_string($tank) ? null : IncidentDesk::rewarm($tank, $course),
            'cooling' => is_string($tank) ? [] : IncidentDesk::cooling($tank, $course),
            'askedAt' => now()->toIso8601ZuluString(),
            'needs' => is_string($tank) ? $tank : null,
            'chain' => $desk->chain($system->site ?? new Site()),
            'near' => WhoIsNear::of($system->site ?? new Site()),
            'nextCall' => WhoIsNear::nextCall($system),
            'spares' => $spares->of($system, $incident->kind),
            'log' => $incident->entries->reverse()
                ->map(fn (IncidentEntry $e): array => self::line($e, $own, $user->units()))->values()->all(),
            'openBefore' => array_map(CloseGate::words(...), CloseIncident::open($incident, $course, true, true)),
            'sameAge' => $failed === null ? [] : IncidentDesk::sameAge($failed),
        ]);
    }

    /** What phones say, in lots: each entry once, judged by itself. */
    public function entries(Request $request, Incident $incident, #[CurrentUser] User $user, TakeEntries $take): JsonResponse
    {
        Gate::authorize('record', $incident);

        return PhoneLot::of($request)->answered(
            fn (mixed $entry, int $skewS): array => $take->take($incident, $user, $entry, $skewS),
            fn (): bool => $incident->refresh()->closed_at !== null,
        );
    }

    public function close(Request $request, Incident $incident, #[CurrentUser] User $user, CloseIncident $close): RedirectResponse
    {
        Gate::authorize('close', $incident);
        $given = $request->validate(
            [
                'worked' => ['required', 'string', 'max:1000'],
                'add' => ['required', 'string', 'max:1000'],
                'noticed' => ['nullable', 'string', 'max:300'],
                'losses' => ['nullable', 'string', 'max:300'],
                'failed_item_id' => ['nullable', 'integer', Rule::exists('items', 'id')->where('system_id', $incident->system_id)],
                'restocked' => ['required', 'boolean'],
            ],
            ['worked.required' => 'Say which protection worked.', 'add.required' => 'Say what to add.'],
        );
        $close($incident, $given, $user);

        return redirect('/incidents')->with('said', 'Closed, with what it taught.');
    }

    /** @return array<string, mixed> */
    private static function line(IncidentEntry $entry, Own $own, Units $units): array
    {
        return [
            'id' => $entry->id,
            'said' => $entry->said->value,
            'of' => $entry->of,
            'means' => LogWords::of($entry->said, $entry->of, $own)?->in($units),
            'value' => $entry->value,
            'words' => $entry->words,
            'at' => $entry->at->toIso8601ZuluString(),
            'by' => $entry->user?->name,
        ];
    }
}
