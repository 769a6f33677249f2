<?php

declare(strict_types=1);

namespace App\Build;

use App\Build\Views\PlanDraftView;
use App\Build\Views\PlanLiveView;
use App\Build\Views\ThreeWaysView;
use App\Build\Views\VersionLineView;
use App\Clients\Views\EnquiryView;
use App\Clients\Views\FactSpecView;
use App\House\TableRows;
use App\House\Views\AnswersView;
use App\House\Views\CrumbView;
use App\House\Views\TableSpecView;
use App\Team\User;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanDefaults;
use Velbrin\Core\Build\PlanSheet;

/** The planner's sheet. The live part is recomputed with every change; the rest is sent once. */
final readonly class PlanPage
{
    /** @return array<string, mixed> */
    public static function props(Plan $plan, User $user, bool $conflict = false): array
    {
        $plan->load(['room', 'site.client', 'site.passages', 'refits']);
        $brief = PlanBrief::read(PlanReader::raw($plan));

        return [
            'live' => fn (): PlanLiveView => PlanLiveView::of(
                $plan,
                AnswersView::of(CorePlan::answer($brief), $user->units()),
                PlanDefaults::for($brief),
                $conflict,
            ),
            'plan' => fn (): array => [
                'id' => $plan->id,
                'name' => $plan->name,
                'siteId' => $plan->site_id,
                'roomId' => $plan->room_id,
                'refits' => $plan->refits === null ? null : ['id' => $plan->refits->id, 'name' => $plan->refits->name],
                'mayUpdate' => $user->can('update', $plan),
            ],
            'since' => fn (): array => [
                ...ThreeWaysView::all(RefitSince::open($plan), $user->units()),
                ...ThreeWaysView::rows(RefitSince::rows($plan)),
            ],
            'draft' => fn (): PlanDraftView => PlanDraftView::of($plan),
            'crumbs' => fn (): array => [
                new CrumbView((string) $plan->site?->client?->name, "/clients/{$plan->site?->client_id}"),
                new CrumbView((string) $plan->site?->name, "/sites/{$plan->site_id}"),
            ],
            'sheet' => fn (): array => array_values(array_map(FactSpecView::ofPlan(...), PlanSheet::fields())),
            'tables' => fn (): array => array_map(TableSpecView::of(...), TableRows::specs()),
            'library' => fn (): mixed => $user->plans()
                ? LampType::query()
                    ->current()
                    ->orderBy('name')
                    ->get(['name', 'grid', ...array_keys(LampType::COLUMNS)])
                    ->map(
                        fn (LampType $l): array => [
                            'name' => $l->name,
                            'ppf' => $l->ppf,
                            'halfAngleDeg' => $l->half_angle_deg,
                            'watts' => $l->watts,
                            'kg' => $l->kg,
                            'leastMm' => $l->least_mm,
                            'mostMm' => $l->most_mm,
                            'grid' => $l->grid ?? '',
                        ],
                    )
                : [],
            'groups' => PlanSheet::GROUPS,
            'enquiry' => fn (): EnquiryView => EnquiryView::of($plan->site, $user),
            'rooms' => fn (): mixed => $plan->site?->rooms()->current()->orderBy('name')->pluck('name', 'id'),
            'versions' => fn (): mixed => $plan
                ->versions()
                ->with('user')
                ->get()
                ->map(fn (PlanVersion $v): VersionLineView => VersionLineView::of($v)),
        ];
    }
}
