<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\Views\FindingView;
use App\Systems\System;
use App\Systems\SystemFindings;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Inertia\Inertia;
use Inertia\Response;

/** What every tab of a system has in common: its header, and what is found of its readings, changes and ages. */
final class SystemPage
{
    /** What every tab shows above itself is loaded in one go. */
    public static function load(System $system): void
    {
        $system->load([
            'site.client',
            'keeper',
            'vessels',
            'bands',
            'judgements',
            'items',
            'products',
            ...SystemHeaderView::loads(),
        ]);
    }

    /** @param  array<string, mixed>  $own  of the tab */
    public static function render(string $page, System $system, User $user, array $own): Response
    {
        return Inertia::render($page, [
            'header' => SystemHeaderView::of($system, $user),
            'findings' => $user->can('viewWorking', $system)
                ? FindingView::all(
                    [
                        ...SystemFindings::readings($system),
                        ...SystemFindings::changes($system),
                        ...SystemFindings::ages($system),
                    ],
                    $user->units(),
                )
                : [],
            ...$own,
        ]);
    }
}
