<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Attachments;
use App\Clients\Site;
use App\Clients\SiteCode;
use App\Rounds\Entries\EntryDesk;
use App\Rounds\Entries\Sent;
use App\Rounds\LoadList;
use App\Rounds\Views\OffView;
use App\Rounds\Views\VisitView;
use App\Rounds\Visit;
use App\Rounds\VisitReader;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\Sign;

/** A visit on the phone: read once with all it needs, then fed entry by entry. */
final class VisitController
{
    private const AT_ONCE = 50;

    public function show(Visit $visit, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $visit);
        $visit->load(['site' => fn ($q) => $q->join('clients', 'clients.id', '=', 'sites.client_id')->select(['sites.*', 'clients.name as client_name']), 'site.codes' => fn ($q) => $q->current()]);
        $site = $visit->site ?? new Site;
        $reader = new VisitReader($visit, $user);

        return Inertia::render('rounds/Visit', [
            'visit' => VisitView::of($visit, LoadList::into($visit, $user->units()), $site->codes->filter(fn (SiteCode $c): bool => $user->can('reveal', $c->setRelation('site', $site)))->mapWithKeys(fn (SiteCode $c): array => [$c->id => $c->label])->all(), $reader->reportId),
            'systems' => $reader->systems(),
            'signs' => collect(Sign::cases())->mapWithKeys(fn (Sign $s): array => [$s->value => $s->label()]),
            'ticks' => LeaveSafe::TICKS,
            'people' => $reader->staff(),
            'photos' => $reader->photos,
        ]);
    }

    /** What a phone kept: taken in order, each once; the answers say what became of each. */
    public function entries(Request $request, Visit $visit, #[CurrentUser] User $user, EntryDesk $desk): JsonResponse
    {
        Gate::authorize('work', $visit);
        $given = $request->validate([
            'entries' => ['required', 'array', 'max:'.self::AT_ONCE],
            'entries.*.uuid' => ['required', 'uuid', 'distinct'],
            'entries.*.kind' => ['required', 'string', 'max:20'],
            'entries.*.at' => ['required', 'date', 'after:-60 days', 'before:+10 minutes'],
            'entries.*.payload' => ['present', 'array', 'max:20'],
        ]);
        $answers = [];
        foreach ($given['entries'] as $entry) {
            $outcome = $desk->take(new Sent($visit, $user, strtolower($entry['uuid']), $entry['kind'], CarbonImmutable::parse($entry['at'])->utc(), $entry['payload']));
            $answers[] = ['uuid' => $entry['uuid'], 'outcome' => $outcome->outcome, 'words' => $outcome->words];
        }
        $fresh = $visit->refresh();

        return response()->json([
            'answers' => $answers,
            'state' => $fresh->state,
            'offs' => $fresh->offs()->whereNull('on_at')->whereNull('stays_because')->with(['by', 'owner'])->get()->map(fn ($o): OffView => OffView::of($o)),
        ])->header('Cache-Control', 'no-store');
    }

    /** A photo, once: its number is its caption's twin in the entries. */
    public function photo(Request $request, Visit $visit, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('work', $visit);
        $given = $request->validate(['uuid' => ['required', 'uuid']]);
        $uuid = strtolower($given['uuid']);
        if ($visit->entries()->where('uuid', $uuid)->exists()) {
            return response()->json(['outcome' => 'ok']);
        }
        DB::transaction(function () use ($request, $visit, $user, $uuid): void {
            $visit->entries()->create(['uuid' => $uuid, 'user_id' => $user->id, 'kind' => 'photo', 'payload' => [], 'typed_at' => now(), 'outcome' => 'ok']);
            Attachments::take($request, $visit, $user);
        });

        return response()->json(['outcome' => 'ok']);
    }
}
