<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Risk\Known;
use App\Risk\StandingReader;
use App\Risk\Views\FunctionRowView;
use App\Risk\Views\PersonGoneView;
use App\Risk\Views\SingleLossView;
use App\Risk\WithinReach;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\Single\FunctionRow;
use Velbrin\Core\Risk\Single\Functions;
use Velbrin\Core\Risk\Single\Loss;
use Velbrin\Core\Risk\Single\PersonGone;
use Velbrin\Core\Risk\Single\SingleFailures;

/** One thing gone at a time, on the worst day: what is lost, how soon, what stands behind each function (X-21, X-22, R-46). */
final class SingleController
{
    public function show(System $system, #[CurrentUser] User $user, WithinReach $reach): Response
    {
        Gate::authorize('viewWorking', $system);
        $system->load(['site.client', ...StandingReader::loads(), ...SystemHeaderView::loads()]);
        $known = StandingReader::around(collect([$system]))->read($system);
        $losses = $known instanceof Known
            ? SingleFailures::of($known->standing, $known->cold, $known->hot, $known->names)
            : [];

        return Inertia::render('risk/Single', [
            'header' => SystemHeaderView::of($system, $user),
            'needs' => is_string($known) ? $known : null,
            'losses' => array_map(fn (Loss $l): SingleLossView => SingleLossView::of($l, $user->units()), $losses),
            // Many more: they follow by themselves.
            'pairs' => Inertia::defer(fn (): array => $known instanceof Known
                ? array_map(
                    fn (Loss $l): SingleLossView => SingleLossView::of($l, $user->units()),
                    SingleFailures::pairs($known->standing, $known->cold, $known->hot),
                )
                : []),
            'functions' => $known instanceof Known
                ? array_map(
                    fn (FunctionRow $r): FunctionRowView => FunctionRowView::of($r),
                    Functions::of($known->standing, $losses, $known->worst(), $reach->devicesFor($system->site_id)),
                )
                : [],
            'people' => $known instanceof Known
                ? array_map(fn (PersonGone $g): PersonGoneView => PersonGoneView::of($g), PersonGone::each($known->worst()))
                : [],
            'coldC' => $known instanceof Known ? $known->cold->roomC : null,
            'hotC' => $known instanceof Known ? $known->hot->roomC : null,
        ]);
    }
}
