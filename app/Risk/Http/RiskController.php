<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Alerts\Views\AlarmView;
use App\House\Views\PageView;
use App\Risk\Exposure;
use App\Risk\Exposures;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Risk\Views\ExposureLineView;
use App\Risk\Views\HazardView;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;

/** Which customer loses animals next, how long we would have, and what changes that. */
final class RiskController
{
    private const AT_ONCE = 100;

    public function index(Request $request, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Exposure::class);
        $night = $this->night($request);
        // Sorted by number and name alone: whole records are read for the page that shows.
        $page = System::query()->current()->select('systems.id')
            ->leftJoin('exposure_worst', fn (JoinClause $join) => $join->on('exposure_worst.system_id', '=', 'systems.id')->where('exposure_worst.night', $night->value))
            ->orderByRaw('exposure_worst.rank is null, exposure_worst.rank')->orderBy('systems.name')->simplePaginate(25)->withQueryString();
        $ids = array_map(fn (System $s): int => $s->id, $page->items());
        $systems = System::query()->whereIntegerInRaw('id', $ids)->with('site.client')->get()->sortBy(fn (System $s): int => (int) array_search($s->id, $ids, true));
        $rows = Exposure::query()->where('night', $night->value)->whereIn('system_id', $ids)->get()->toBase()->groupBy('system_id');
        $oldest = Exposure::query()->where('night', $night->value)->min('computed_at');

        return Inertia::render('risk/Fleet', [
            'lines' => array_values($systems->map(fn (System $s): ExposureLineView => ExposureLineView::of($s, $rows[$s->id] ?? collect(), $user))->all()),
            'page' => PageView::of($page),
            'night' => $night->value,
            'nights' => self::nights(),
            'workedOutAt' => is_string($oldest) ? CarbonImmutable::parse($oldest)->toIso8601ZuluString() : null,
            'mayWorkOut' => $user->can('compute', Exposure::class),
            'total' => System::query()->current()->count(),
        ]);
    }

    /** A hundred systems at a time, so that a page can show how far it is. */
    public function workOut(Request $request, Exposures $exposures): JsonResponse
    {
        Gate::authorize('compute', Exposure::class);
        $given = $request->validate(['night' => ['required', Rule::enum(Night::class)], 'after' => ['required', 'integer', 'min:0']]);
        $systems = System::query()->current()->where('id', '>', $given['after'])->orderBy('id')->limit(self::AT_ONCE)->with(TonightReader::loads())->get();
        $exposures->keep($systems->toBase(), Night::from($given['night']));

        return response()->json(['after' => $systems->last()?->id, 'done' => $systems->count() < self::AT_ONCE, 'count' => $systems->count()]);
    }

    /** One system, worked out now. */
    public function show(Request $request, System $system, #[CurrentUser] User $user, Exposures $exposures): Response
    {
        Gate::authorize('viewWorking', $system);
        $night = $this->night($request);
        $system->load(['site.client', 'keeper', 'vessels', 'items', 'room', ...SystemHeaderView::loads()]);
        $helpers = $exposures->helpers($system);
        $answer = $exposures->of($system, $night, $helpers);
        $hazards = is_string($answer) ? [] : array_map(fn (HoursInHand $h): HazardView => HazardView::of($h, $user->units()), $answer);

        return Inertia::render('risk/System', [
            'header' => SystemHeaderView::of($system, $user),
            'night' => $night->value,
            'nights' => self::nights(),
            'room' => $night->roomC($system),
            'hazards' => $hazards,
            'needs' => is_string($answer) ? $answer : null,
            'alarms' => array_map(AlarmView::of(...), $helpers->records($system)),
            'watches' => collect(Hazard::cases())->mapWithKeys(fn (Hazard $h): array => [$h->value => $h->label()]),
            'people' => User::query()->current()->whereIn('role', ['owner', 'planner', 'technician'])->orderBy('name')->pluck('name', 'id'),
            'communities' => collect(Community::cases())->mapWithKeys(fn (Community $c): array => [$c->value => $c->label()]),
            'life' => ['fish_kg' => $system->fish_kg, 'small_fish' => $system->small_fish, 'community' => $system->community?->value, 'battery_h' => $system->battery_h, 'battery_pump' => $system->battery_pump],
        ]);
    }

    /** What lives in it, and what keeps it breathing. */
    public function life(Request $request, System $system, Exposures $exposures): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'fish_kg' => ['nullable', 'numeric:strict', 'min:0', 'max:2000'], 'small_fish' => ['required', 'boolean'], 'community' => ['nullable', Rule::enum(Community::class)],
            'battery_h' => ['nullable', 'numeric:strict', 'min:0', 'max:500'], 'battery_pump' => ['required', 'boolean'],
        ]);
        DB::transaction(function () use ($system, $given, $exposures): void {
            $system->update($given);
            $exposures->keep(collect([$system->load(TonightReader::loads())]), Night::Tonight);
        });

        return back()->with('said', 'Kept, and worked out again.');
    }

    private function night(Request $request): Night
    {
        return Night::tryFrom($request->string('night')->toString()) ?? Night::Tonight;
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
