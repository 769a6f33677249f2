<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Alerts\Alarm;
use App\Alerts\Views\AlarmView;
use App\House\Days;
use App\House\Http\Asked;
use App\House\Money;
use App\House\Views\FindingView;
use App\House\Views\PageView;
use App\Risk\Exposure;
use App\Risk\Exposures;
use App\Risk\FleetAsked;
use App\Risk\FleetReader;
use App\Risk\FleetRun;
use App\Risk\Helpers;
use App\Risk\Night;
use App\Risk\OnCallPaper;
use App\Risk\PeopleAnswer;
use App\Risk\Proof;
use App\Risk\StandingReader;
use App\Risk\TonightReader;
use App\Risk\Under;
use App\Risk\Views\FleetRunView;
use App\Risk\Views\HazardView;
use App\Risk\Views\YearRowView;
use App\Risk\Years;
use App\Systems\AmmoniaWatch;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Risk\AlarmLimits;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\PeopleHazard;
use Velbrin\Core\Risk\Standing\HazardRow;

/** Which customer loses animals next, how long we would have, and what changes that. */
final class RiskController
{
    /** Counted while nobody has said what heating holds, °C. */
    private const SET_C = 25.5;

    public function index(Request $request, #[CurrentUser] User $user, FleetReader $fleet): Response
    {
        Gate::authorize('viewAny', Exposure::class);
        $asked = FleetAsked::of($request, $this->night($request));
        $page = $fleet->page($asked);
        $oldest = Exposure::query()->where('night', $asked->night->value)->min('computed_at');

        return Inertia::render('risk/Fleet', [
            'lines' => $fleet->lines($page->items(), $asked, $user),
            'groups' => $asked->cause === null ? $fleet->groups($asked) : [],
            'page' => PageView::of($page),
            'asked' => [
                'night' => $asked->night->value,
                'fault' => $asked->fault?->value,
                'act' => $asked->canAct,
                'cause' => $asked->cause?->code(),
            ],
            'causeWords' => $asked->cause === null ? null : ucfirst($asked->cause->words()).', '.$asked->cause->state->words(),
            'faults' => collect(Hazard::cases())->mapWithKeys(fn (Hazard $h): array => [$h->value => $h->label()]),
            'nights' => self::nights(),
            'workedOutAt' => is_string($oldest) ? CarbonImmutable::parse($oldest)->toIso8601ZuluString() : null,
            'mayWorkOut' => $user->can('compute', Exposure::class),
            'run' => fn (): ?FleetRunView => FleetRunView::of(FleetRun::open($asked->night)),
            'openLimits' => $user->can('compute', Exposure::class)
                ? Alarm::query()->current()->lacksLimit()->whereHas('system', fn ($s) => $s->current())->count()
                : 0,
        ]);
    }

    /** For the on-call folder. */
    public function pdf(Request $request, #[CurrentUser] User $user, FleetReader $fleet): HttpResponse
    {
        Gate::authorize('viewAny', Exposure::class);
        $asked = FleetAsked::of($request, $this->night($request));

        return response(OnCallPaper::pdf($fleet, $asked, $user), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="on-call.pdf"',
        ]);
    }

    /** One system, worked out now. */
    public function show(Request $request, System $system, #[CurrentUser] User $user, Exposures $exposures): Response
    {
        Gate::authorize('viewWorking', $system);
        $under = Under::asked($request);
        $night = $under->night;
        $system->load(['site.client', 'vessels', 'items', 'room', ...SystemHeaderView::loads()]);
        $reader = StandingReader::around(collect([$system]));
        $helpers = $reader->helpers;
        $answer = $exposures->within($reader, $system, $under);
        $hazards = is_string($answer)
            ? []
            : array_map(fn (HoursInHand $h): HazardView => HazardView::of($h, $user->units()), $answer);

        $year = null;
        $worked = function () use (&$year, $reader, $system): array|string {
            return $year ??= Years::of($reader->read($system));
        };

        return Inertia::render('risk/System', [
            'header' => SystemHeaderView::of($system, $user),
            // The hours stand at once; the year follows by itself.
            'year' => Inertia::defer(function () use ($worked, $user): array {
                $year = $worked();

                return is_string($year)
                    ? []
                    : array_map(fn (HazardRow $r): YearRowView => YearRowView::of($r, $user->units()), $year);
            }, 'year'),
            'yearSum' => Inertia::defer(function () use ($worked): ?array {
                $year = $worked();

                return is_string($year) ? null : self::sum($year);
            }, 'year'),
            'worth' => ['animals_minor' => $system->animals_worth_minor, 'floor_minor' => $system->floor_worth_minor],
            'currency' => config()->string('velbrin.currency'),
            'people' => Inertia::defer(fn (): array => self::people($system, $user), 'year'),
            'proofs' => Proof::whats(),
            'devices' => $system->items
                ->filter(fn (Item $i): bool => $i->retired_at === null)
                ->map(fn (Item $i): array => ['id' => $i->id, 'name' => $i->name])
                ->values(),
            'night' => $night->value,
            'away' => $under->isAway === true,
            'holiday' => $under->isHoliday,
            'onCall' => $under->onCallKey(),
            'couldBeOnCall' => Inertia::defer(fn (): array => Under::people(), 'year'),
            'nights' => self::nights(),
            'room' => $night->roomC($system),
            'hazards' => $hazards,
            'needs' => is_string($answer) ? $answer : null,
            'alarms' => self::alarms($system, $helpers, $night, $user),
            'quantities' => collect(AlarmQuantity::cases())->mapWithKeys(
                fn (AlarmQuantity $q): array => [$q->value => $q->label()],
            ),
            'withLimits' => array_values(
                array_map(
                    fn (AlarmQuantity $q): string => $q->value,
                    array_filter(AlarmQuantity::cases(), fn (AlarmQuantity $q): bool => $q->hasLimits()),
                ),
            ),
            'watches' => collect(Hazard::cases())->mapWithKeys(fn (Hazard $h): array => [$h->value => $h->label()]),
            'colleagues' => Inertia::optional(
                fn () => User::query()
                    ->current()
                    ->whereIn('role', ['owner', 'planner', 'technician'])
                    ->orderBy('name')
                    ->pluck('name', 'id'),
            ),
            'communities' => collect(Community::cases())->mapWithKeys(
                fn (Community $c): array => [$c->value => $c->label()],
            ),
            'life' => [
                'has_animals' => $system->has_animals,
                'no_heater_because' => $system->no_heater_because,
                'no_heater_while' => $system->no_heater_while,
                'no_heater_review_on' => $system->no_heater_review_on?->toDateString(),
                'fish_kg' => $system->fish_kg,
                'small_fish' => $system->small_fish,
                'community' => $system->community?->value,
                'battery_h' => $system->battery_h,
                'battery_pump' => $system->battery_pump,
                'arrivals_year' => $system->arrivals_year,
            ],
        ]);
    }

    /** What lives in it, and what keeps it breathing. */
    public function life(Request $request, System $system, Exposures $exposures): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'has_animals' => ['nullable', 'boolean'],
                'no_heater_because' => ['nullable', 'string', 'max:200'],
                'no_heater_while' => ['nullable', 'required_with:no_heater_because', 'string', 'max:200'],
                'no_heater_review_on' => ['nullable', 'required_with:no_heater_because', 'date', 'after:'.Days::text()],
                'fish_kg' => ['nullable', 'numeric:strict', 'min:0', 'max:2000'],
                'small_fish' => ['required', 'boolean'],
                'community' => ['nullable', Rule::enum(Community::class)],
                'battery_h' => ['nullable', 'numeric:strict', 'min:0', 'max:500'],
                'battery_pump' => ['required', 'boolean'],
                'arrivals_year' => ['nullable', 'numeric:strict', 'between:0,500'],
            ],
            [
                'no_heater_while.required_with' => 'Say while what it holds: the heating of the room, the season.',
                'no_heater_review_on.required_with' => 'Say when it is looked at again.',
            ],
        );
        DB::transaction(function () use ($system, $given, $exposures): void {
            $system->update($given);
            AmmoniaWatch::again($system);
            $exposures->keep(collect([$system->load(TonightReader::loads())]), Night::Tonight);
        });

        return back()->with('said', 'Kept, and worked out again.');
    }

    /** What is at stake: with it hazards are counted in money, without it in harms a year. */
    public function worth(Request $request, System $system): RedirectResponse
    {
        Gate::authorize('update', $system);
        $system->update($request->validate([
            'animals_worth_minor' => ['nullable', 'integer:strict', 'between:0,100000000000'],
            'floor_worth_minor' => ['nullable', 'integer:strict', 'between:0,100000000000'],
        ]));

        return back()->with('said', 'Kept. Losses are counted with it.');
    }

    /** @return list<PeopleHazard> that stand there and nobody competent has said hold */
    public static function openPeople(System $system): array
    {
        $answers = self::answers($system);

        return array_values(
            array_filter(self::peopleHere($system), fn (PeopleHazard $h): bool => $answers->get($h->value)?->holds !== true),
        );
    }

    /** @return Collection<string, PeopleAnswer> by hazard */
    private static function answers(System $system): Collection
    {
        return PeopleAnswer::query()
            ->where('system_id', $system->id)
            ->get()
            ->toBase()
            ->keyBy(fn (PeopleAnswer $a): string => $a->hazard->value);
    }

    /** @return list<PeopleHazard> */
    private static function peopleHere(System $system): array
    {
        $stands = fn (callable $is): bool => $system->items->contains(fn (Item $i): bool => $i->retired_at === null && $is($i));
        $hasGas = fn (Item $i): bool => $i->job === Job::Reactor || $i->doses === Liquid::CarbonDioxide;

        return array_values(array_filter([
            PeopleHazard::WetElectrics,
            $stands($hasGas) ? PeopleHazard::CarbonDioxide : null,
            $stands(fn (Item $i): bool => $i->job === Job::Uv) ? PeopleHazard::Ultraviolet : null,
            $stands(fn (Item $i): bool => str_contains(mb_strtolower($i->name), 'ozone')) ? PeopleHazard::Ozone : null,
            $stands(fn (Item $i): bool => str_contains(mb_strtolower($i->name), 'generator')) ? PeopleHazard::Generator : null,
        ]));
    }

    /** @return list<array{hazard: string, finding: FindingView, who: string|null, on: string|null}> */
    private static function people(System $system, User $user): array
    {
        $answers = self::answers($system);

        return array_map(
            fn (PeopleHazard $h): array => [
                'hazard' => $h->value,
                'finding' => FindingView::of($h->finding($answers->get($h->value)?->holds), $user->units()),
                'who' => $answers->get($h->value)?->who_says,
                'on' => $answers->get($h->value)?->on->toDateString(),
            ],
            self::peopleHere($system),
        );
    }

    /**
     * @param  list<HazardRow>  $year
     * @return array{loss: string|null, range: string|null, harms: string, dearest: string|null}
     */
    private static function sum(array $year): array
    {
        $isMoney = array_filter($year, fn (HazardRow $r): bool => $r->loss === null && $r->harms->high > 0) === [];
        $total = fn (callable $of): float => (float) array_sum(array_map($of, $year));
        $shown = fn (float $of): string => Money::about($of);

        return [
            'loss' => $isMoney ? $shown($total(fn (HazardRow $r): float => $r->loss->likely ?? 0.0)) : null,
            'range' => $isMoney
                ? $shown($total(fn (HazardRow $r): float => $r->loss->low ?? 0.0)).' to '
                    .$shown($total(fn (HazardRow $r): float => $r->loss->high ?? 0.0))
                : null,
            'harms' => YearRowView::often($total(fn (HazardRow $r): float => $r->harms->likely)),
            'dearest' => isset($year[0]) ? $year[0]->hazard->label() : null,
        ];
    }

    /** @return list<AlarmView> with what stands against their limits */
    private static function alarms(System $system, Helpers $helpers, Night $night, User $user): array
    {
        [$low, $high] = $system->regime->harmC();
        $set = $system->facts[PlanField::SetpointC->value] ?? null;
        $setC = is_numeric($set) ? (float) $set : self::SET_C;

        return array_map(
            fn (Alarm $a): AlarmView => AlarmView::of(
                $a,
                $helpers->standing($a, $system, $night),
                AlarmLimits::findings(
                    name: $a->name,
                    quantity: $a->quantity,
                    low: $a->low_limit,
                    high: $a->high_limit,
                    harmLowC: $low,
                    setC: $setC,
                    harmHighC: $high,
                    isLowest: $a->is_lowest,
                ),
                $user->units(),
            ),
            $helpers->records($system),
        );
    }

    private function night(Request $request): Night
    {
        return Night::tryFrom(Asked::word($request, 'night')) ?? Night::Tonight;
    }

    /** @return array<string, string> */
    private static function nights(): array
    {
        $nights = [];
        foreach (Night::cases() as $night) {
            $nights[$night->value] = $night->label();
        }

        return $nights;
    }
}
