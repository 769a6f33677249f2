<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\House\Http\Asked;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\Http\SystemPage;
use App\Systems\Parameters;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\Views\ParameterView;
use App\Systems\Views\SeriesView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;

/** Readings: every parameter’s standing, and one of them in full. */
final class ReadingsTab
{
    private const READINGS = 400;

    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Readings', $system, $user, $this->own($system, $user));
    }

    /** @return array<string, mixed> */
    private function own(System $system, User $user): array
    {
        $chosen =
            Parameters::here()->find(Asked::word(request(), 'of')) ??
            ($system->judgements
                ->sortBy(fn (StoredJudgement $j): int => $j->leaves_at?->getTimestamp() ?? PHP_INT_MAX)
                ->first()->parameter ??
                Parameter::Alkalinity);
        $readings = $system
            ->readings()
            ->where('parameter', $chosen->key())
            ->with('user')
            ->latest('taken_at')
            ->latest('id')
            ->limit(self::READINGS)
            ->get()
            ->toBase();

        $ammonia = AmmoniaWatch::judged($system);

        return [
            'parameters' => array_map(
                fn (Measured $p): ParameterView => ParameterView::of(
                    $p,
                    Band::for($system, $p),
                    StoredJudgement::for($system, $p),
                    $user,
                    $ammonia,
                    $system->ammonia_at,
                ),
                Parameters::here()->all(),
            ),
            'series' => SeriesView::of(
                $chosen,
                $readings,
                Band::for($system, $chosen),
                StoredJudgement::for($system, $chosen),
                $user,
            ),
        ];
    }
}
