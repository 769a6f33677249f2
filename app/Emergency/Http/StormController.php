<?php

declare(strict_types=1);

namespace App\Emergency\Http;

use App\Clients\Site;
use App\Emergency\AreaEvent;
use App\Emergency\AreaEventKind;
use App\Emergency\Incident;
use App\Emergency\StormAsked;
use App\Emergency\StormDesk;
use App\Emergency\Views\AreaEventView;
use App\House\Days;
use App\Risk\Night;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Hazard;

/** A storm, a planned cut, frost: who is exposed for so many hours, and who goes where (E-5, E-10). */
final class StormController
{
    private const USUAL_H = 8.0;

    private const LEAVE_H = 0.5;

    public function show(Request $request, StormDesk $desk, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Incident::class);
        $given = $request->validate([
            'event' => ['sometimes', 'integer', 'exists:area_events,id'],
            'towns' => ['sometimes', 'array', 'max:50'],
            'towns.*' => ['string', 'max:120'],
            'hours' => ['sometimes', 'numeric', 'between:0.5,240'],
            'leave' => ['sometimes', 'numeric', 'between:0,48'],
            'outside' => ['sometimes', 'nullable', 'numeric', 'between:-50,55'],
            'night' => ['sometimes', 'string', 'max:20'],
        ]);
        $event = isset($given['event']) ? AreaEvent::query()->findOrFail((int) $given['event']) : null;
        $leaveH = (float) ($given['leave'] ?? self::LEAVE_H);
        $asked = $event === null
            ? new StormAsked(
                towns: array_values(array_filter($given['towns'] ?? [], is_string(...))),
                hours: (float) ($given['hours'] ?? self::USUAL_H),
                night: Night::tryFrom((string) ($given['night'] ?? '')) ?? Night::Tonight,
                leaveH: $leaveH,
                outsideC: isset($given['outside']) ? (float) $given['outside'] : null,
                hazards: [Hazard::PowerCut],
            )
            : StormAsked::ofEvent($event, $leaveH);
        $day = $event === null ? null : max(Days::text(), $event->starts_at->setTimezone(Days::zone())->toDateString());

        return Inertia::render('emergency/Storm', [
            'asked' => [
                'towns' => $asked->towns,
                'hours' => $asked->hours,
                'leave' => $asked->leaveH,
                'night' => $asked->night->value,
                'outside' => $asked->outsideC,
                'isDark' => $asked->isDark(),
            ],
            'event' => $event === null ? null : AreaEventView::of($event),
            'ahead' => AreaEvent::query()->ahead()->orderBy('starts_at')->limit(20)->get()->map(AreaEventView::of(...))->values(),
            'mayPlan' => $user->can('create', AreaEvent::class),
            'kinds' => collect(AreaEventKind::cases())->mapWithKeys(fn (AreaEventKind $k): array => [$k->value => $k->label()]),
            'darkKinds' => array_values(
                array_map(
                    fn (AreaEventKind $k): string => $k->value,
                    array_filter(AreaEventKind::cases(), fn (AreaEventKind $k): bool => $k->isDark()),
                ),
            ),
            'towns' => Site::query()->current()->whereNotNull('town')->distinct()->orderBy('town')->pluck('town'),
            'nights' => self::nights(),
            ...$desk->of($asked, $day),
            'enough' => Inertia::defer(fn (): array => $desk->enough($asked, $day)),
        ]);
    }

    /** @return array<string, string> */
    private static function nights(): array
    {
        $nights = [];
        foreach (Night::cases() as $case) {
            $nights[$case->value] = $case->label();
        }

        return $nights;
    }
}
