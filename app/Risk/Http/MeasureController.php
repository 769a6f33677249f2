<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\House\Days;
use App\House\Http\Asked;
use App\House\Money;
use App\House\Paper;
use App\Risk\Known;
use App\Risk\MeasureDesk;
use App\Risk\MeasurePrice;
use App\Risk\RiskRate;
use App\Risk\SignedOffer;
use App\Risk\SignOffer;
use App\Risk\StandingReader;
use App\Risk\Views\SignedOfferView;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Measures\Chosen;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\PeopleHazard;

/** What to do about it: measures, their prices, the best set under a budget, the offer for the client (R-30 … R-33, X-53). */
final class MeasureController
{
    private const MOST_MINOR = 100_000_000;

    public function show(Request $request, System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        $system->load(['site.client', ...StandingReader::loads(), ...SystemHeaderView::loads()]);
        $known = StandingReader::around(collect([$system]))->read($system);
        $budget = self::budget($request);
        $signed = SignedOffer::inForce($system);

        return Inertia::render('risk/Measures', [
            'header' => SystemHeaderView::of($system, $user),
            'needs' => is_string($known) ? $known : null,
            'budgetMinor' => $budget,
            'currency' => config()->string('velbrin.currency'),
            // The page stands at once; what each measure makes of the system follows by itself.
            'judged' => Inertia::defer(fn (): ?array => $known instanceof Known ? self::judged(new MeasureDesk($known), $budget) : null),
            'signed' => $signed === null ? null : SignedOfferView::of($signed),
            'maySign' => $user->can('create', [SignedOffer::class, $system]),
            'hasPrices' => MeasurePrice::query()->whereNotIn('kind', [MeasurePrice::MINUTE, MeasurePrice::DEVICE])->exists(),
            'mayPrice' => $user->can('update', RiskRate::class),
            'isConfirmed' => RiskRate::query()->exists(),
        ]);
    }

    /** The paper came back signed: what was taken, what was put off until when. */
    public function sign(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', [SignedOffer::class, $system]);
        $given = $request->validate(
            [
                'signed_by' => ['required', 'string', 'max:120'],
                'signed_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-2 years'],
                'budget' => ['nullable', 'integer:strict', 'between:0,'.self::MOST_MINOR],
                'until' => ['array:'.implode(',', array_map(fn (MeasureKind $k): string => $k->value, MeasureKind::cases()))],
                'until.*' => ['nullable', 'date_format:Y-m-d', 'after:signed_on', 'before:+10 years'],
            ],
            [
                'signed_by.required' => 'Say who signed for the client.',
                'until.*.after' => 'It is put off until a day after it was signed.',
            ],
        );
        abort_unless(RiskRate::query()->exists(), 409, 'Set or confirm the rates first: a guess of ours is not for a client.');
        $system->load(StandingReader::loads());
        $known = StandingReader::around(collect([$system]))->read($system);
        abort_unless($known instanceof Known, 409, is_string($known) ? "Still to say: {$known}." : '');
        SignOffer::run(
            $system,
            new MeasureDesk($known),
            [
                'signed_by' => $given['signed_by'],
                'signed_on' => $given['signed_on'],
                'budget_minor' => $given['budget'] ?? self::MOST_MINOR,
                'until' => $given['until'] ?? [],
            ],
            $user,
        );

        return back()->with('said', 'It is written down as signed, and comes up again on its day.');
    }

    /** For the client: only once the company has set or confirmed its rates. */
    public function offer(Request $request, System $system): HttpResponse
    {
        Gate::authorize('update', $system);
        abort_unless(RiskRate::query()->exists(), 409, 'Set or confirm the rates first: a guess of ours is not for a client.');
        $system->load(['site.client', ...StandingReader::loads()]);
        $known = StandingReader::around(collect([$system]))->read($system);
        abort_unless($known instanceof Known, 409, is_string($known) ? "Still to say: {$known}." : '');
        $desk = new MeasureDesk($known);
        $best = $desk->best(self::budget($request) ?? self::MOST_MINOR);
        $views = collect($desk->views($best->ids));

        return response(
            Paper::pdf('risk.offer', [
                'system' => $system,
                'now' => $views->where('chosen', true)->values(),
                'later' => $views->where('chosen', false)->filter(fn ($v): bool => $v->saves > 0)->values(),
                'cost' => Money::shown($best->costMinor),
                'people' => PeopleHazard::cases(),
                'open' => RiskController::openPeople($system),
            ]),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="offer.pdf"'],
        );
    }

    /** What measures cost here. */
    public function prices(Request $request): RedirectResponse
    {
        Gate::authorize('update', RiskRate::class);
        $given = $request->validate([
            'prices' => ['required', 'array:'.implode(',', self::kinds())],
            'prices.*' => ['nullable', 'integer:strict', 'between:0,'.self::MOST_MINOR],
        ]);
        DB::transaction(function () use ($given): void {
            foreach ($given['prices'] as $kind => $minor) {
                $minor === null
                    ? MeasurePrice::query()->where('kind', $kind)->delete()
                    : MeasurePrice::query()->updateOrCreate(['kind' => $kind], ['minor' => $minor]);
            }
        });

        return back()->with('said', 'Prices are kept; the best set follows them.');
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return [
            ...array_map(fn (MeasureKind $k): string => $k->value, MeasureKind::cases()),
            MeasurePrice::MINUTE,
            MeasurePrice::DEVICE,
        ];
    }

    /** @return array<string, mixed> */
    private static function judged(MeasureDesk $desk, ?int $budget): array
    {
        $best = $desk->best($budget ?? self::MOST_MINOR);

        return [
            'isMoney' => $desk->isMoney(),
            'measures' => $desk->views($best->ids),
            'best' => self::chosen($best),
            'curve' => array_map(fn (Chosen $c): array => self::chosen($c), $desk->curve()),
            'controller' => $desk->controller(),
            'schools' => $desk->schools(),
        ];
    }

    private static function budget(Request $request): ?int
    {
        $typed = Asked::word($request, 'budget');

        return preg_match('/^\d{1,9}$/', $typed) === 1 ? (int) $typed : null;
    }

    /** @return array{ids: list<string>, costMinor: int, cost: string, yearly: float, gap: float, labels: list<string>} */
    private static function chosen(Chosen $chosen): array
    {
        return [
            'ids' => $chosen->ids,
            'costMinor' => $chosen->costMinor,
            'cost' => Money::shown($chosen->costMinor),
            'yearly' => $chosen->yearly,
            'gap' => $chosen->gap,
            'labels' => array_map(fn (string $id): string => MeasureKind::from($id)->label(), $chosen->ids),
        ];
    }
}
