<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Clients\Attachments;
use App\Clients\Site;
use App\Clients\SiteCode;
use App\House\Http\Asked;
use App\Rounds\Entries\EntryDesk;
use App\Rounds\Entries\Outcome;
use App\Rounds\Entries\PhoneClock;
use App\Rounds\LoadList;
use App\Rounds\VanStock;
use App\Rounds\Views\LateEntryView;
use App\Rounds\Views\OffView;
use App\Rounds\Views\VisitView;
use App\Rounds\Visit;
use App\Rounds\VisitEntry;
use App\Rounds\VisitReader;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Rounds\LeaveSafe;
use Velbrin\Core\Rounds\Sign;

/** A visit on the phone: read once with all it needs, then fed entry by entry. */
final class VisitController
{
    private const AT_ONCE = 50;

    public function show(Visit $visit, #[CurrentUser] User $user, VanStock $van): Response
    {
        Gate::authorize('view', $visit);
        $visit->load([
            'site' => fn ($q) => $q
                ->join('clients', 'clients.id', '=', 'sites.client_id')
                ->select(['sites.*', 'clients.name as client_name']),
            'site.codes' => fn ($q) => $q->current(),
        ]);
        $site = $visit->site ?? new Site();
        $reader = new VisitReader($visit, $user);

        return Inertia::render('rounds/Visit', [
            'visit' => VisitView::of(
                $visit,
                [...LoadList::into($visit, $user->units()), ...$reader->round->missing],
                $site->codes
                    ->filter(fn (SiteCode $c): bool => $user->can('reveal', $c->setRelation('site', $site)))
                    ->mapWithKeys(fn (SiteCode $c): array => [$c->id => $c->label])
                    ->all(),
                $reader->round->reportId,
                $reader->round->next,
                $visit->state !== Visit::CLOSED
                    ? []
                    : array_values(
                        $visit
                            ->entries()
                            ->where('late', true)
                            ->with('user')
                            ->orderBy('typed_at')
                            ->get()
                            ->map(fn (VisitEntry $e): LateEntryView => LateEntryView::of($e))
                            ->all(),
                    ),
            ),
            'systems' => $reader->systems(),
            'signs' => collect(Sign::cases())->mapWithKeys(fn (Sign $s): array => [$s->value => $s->label()]),
            'ticks' => LeaveSafe::TICKS,
            'people' => $reader->staff(),
            'photos' => $reader->round->photos,
            'controllers' => $reader->round->controllers,
            'running' => $reader->round->running,
            'van' => Inertia::defer(fn (): array => $van->lies($visit)),
        ]);
    }

    /** What a phone kept: taken in order, each once; the answers say what became of each. */
    public function entries(Request $request, Visit $visit, #[CurrentUser] User $user, EntryDesk $desk): JsonResponse
    {
        Gate::authorize('work', $visit);
        $given = $request->validate([
            'entries' => ['required', 'array', 'max:'.self::AT_ONCE],
            'sent_at' => ['nullable', 'date'],
        ]);
        $clock = PhoneClock::of($given['sent_at'] ?? null);
        $answers = [];
        foreach ($given['entries'] as $entry) {
            // Each is judged by itself: a bad one says why, and holds up nothing behind it.
            [$sent, $why] = $clock->entry($visit, $user, $entry);
            $outcome = $sent === null ? Outcome::refused($why) : $desk->take($sent);
            $answers[] = [
                'uuid' => is_array($entry) && is_string($entry['uuid'] ?? null) ? mb_substr($entry['uuid'], 0, 40) : '',
                'outcome' => $outcome->outcome,
                'words' => $outcome->words,
            ];
        }
        $fresh = $visit->refresh();

        return response()
            ->json([
                'answers' => $answers,
                'state' => $fresh->state,
                'skewS' => $clock->skewS,
                'offs' => $fresh
                    ->offs()
                    ->whereNull('on_at')
                    ->whereNull('stays_because')
                    ->with(['by', 'owner'])
                    ->get()
                    ->map(fn ($o): OffView => OffView::of($o)),
            ])
            ->header('Cache-Control', 'no-store');
    }

    /** A photo, once: its number is its caption's twin in the entries. */
    public function photo(Request $request, Visit $visit, #[CurrentUser] User $user): JsonResponse
    {
        $uuid = strtolower(Asked::word($request, 'uuid'));
        $known = Str::isUuid($uuid)
            ? VisitEntry::query()->where('uuid', $uuid)->where('user_id', $user->id)->exists()
            : false;
        if ($known) {
            return response()->json(['outcome' => 'ok']);
        }
        if (Gate::denies('work', $visit)) {
            return response()->json(
                [
                    'outcome' => 'moved',
                    'message' => 'This visit is no longer yours.',
                    'others' => $user->isStaff() ? $this->others($visit, $user) : [],
                ],
                403,
            );
        }
        $request->validate(['uuid' => ['required', 'uuid', Rule::unique('visit_entries', 'uuid')]]);
        DB::transaction(function () use ($request, $visit, $user, $uuid): void {
            $visit
                ->entries()
                ->create([
                    'uuid' => $uuid,
                    'user_id' => $user->id,
                    'kind' => 'photo',
                    'payload' => [],
                    'typed_at' => now(),
                    'outcome' => 'ok',
                    'late' => $visit->state === Visit::CLOSED,
                ]);
            Attachments::take($request, $visit, $user);
        });

        return response()->json(['outcome' => 'ok']);
    }

    /** @return list<array{id: int, label: string}> own visits at the same place, for what belongs there */
    private function others(Visit $visit, User $user): array
    {
        $mine = Visit::query()
            ->where('site_id', $visit->site_id)
            ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY, Visit::CLOSED])
            ->whereKeyNot($visit->id)
            ->whereHas('crew.members', fn ($m) => $m->whereKey($user->id))
            ->with('site')
            ->orderByDesc('planned_on')
            ->limit(3)
            ->get();

        return array_values(
            $mine
                ->map(
                    fn (Visit $v): array => [
                        'id' => $v->id,
                        'label' => "{$v->site?->name}, {$v->planned_on?->format('D j M')}",
                    ],
                )
                ->all(),
        );
    }
}
