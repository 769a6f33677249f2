<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\Clients\Views\FactSpecView;
use App\House\TableRows;
use App\House\Views\AnswersView;
use App\House\Views\TableSpecView;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\Http\SystemPage;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\SystemFindings;
use App\Systems\Views\ParameterView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;
use Velbrin\Core\Build\PlanDefaults;
use Velbrin\Core\Build\PlanSheet;

/** The section: drawing and figures, and for those who may, the facts behind them. */
final class SectionTab
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Section', $system, $user, $this->own($system, $user));
    }

    /** @return array<string, mixed> */
    private function own(System $system, User $user): array
    {
        $working = $user->can('viewWorking', $system);
        $answers = SystemFindings::answers($system);
        $ammonia = AmmoniaWatch::judged($system);
        $raw = SystemBrief::raw($system);

        return [
            'answers' => $this->forReader(
                AnswersView::of($answers, $user->units(), withLight: ($system->tables['lamps'] ?? []) !== []),
                $working,
            ),
            'strip' => array_slice(
                array_map(
                    fn (StoredJudgement $j): ParameterView => ParameterView::of(
                        $j->parameter,
                        Band::for($system, $j->parameter),
                        $j,
                        $user,
                        $ammonia,
                        $system->ammonia_at,
                    ),
                    $system->judgements
                        ->sortBy(fn (StoredJudgement $j): int => $j->leaves_at?->getTimestamp() ?? PHP_INT_MAX)
                        ->values()
                        ->all(),
                ),
                0,
                4,
            ),
            'facts' => $user->can('update', $system)
                ? [
                    'values' => (object) $raw['values'],
                    'bases' => (object) $raw['bases'],
                    'chambers' => $raw['chambers'],
                    'defaults' => (object) PlanDefaults::for(SystemBrief::read($system)),
                ]
                : null,
            'sheet' => $user->can('update', $system)
                ? array_values(array_map(FactSpecView::ofPlan(...), PlanSheet::fields()))
                : [],
            'groups' => PlanSheet::GROUPS,
            'tables' => TableRows::of($system->tables ?? []),
            'specs' => array_map(TableSpecView::of(...), TableRows::specs()),
        ];
    }

    /** A client reads the drawing and the figures, not our findings. */
    private function forReader(AnswersView $view, bool $working): AnswersView
    {
        return $working ? $view : $view->withoutFindings();
    }
}
