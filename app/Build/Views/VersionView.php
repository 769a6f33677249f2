<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Acceptance;
use App\Build\Answered;
use App\Build\Consent;
use App\Build\Order;
use App\Build\PassedStage;
use App\Build\PlanVersion;
use App\Build\Waiver;
use App\Clients\Enquiry;
use App\Clients\Site;
use App\House\Days;
use App\House\TableRows;
use App\House\Views\AnswersView;
use App\House\Views\CrumbView;
use App\House\Views\FindingView;
use App\House\Views\TableSpecView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Topic\Plumbing;
use Velbrin\Core\Build\Waivable;
use Velbrin\Core\Build\Wishes;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Measure\Finding;

/** One kept version: its answers, its Stops, and whether it can be accepted. */
final readonly class VersionView
{
    /**
     * @param  list<CrumbView>  $crumbs
     * @param  list<StopView>  $stops
     * @param  list<string>  $against
     * @param  list<VersionLineView>  $others
     * @param  array<string, string>  $regimes
     * @param  list<StageView>  $stages
     * @param  list<OrderView>  $orders
     * @param  list<ConsentView>  $consents
     * @param  array<string, string>  $consentsOf  who may have to agree
     * @param  list<FindingView>  $late
     * @param  list<FindingView>  $wishes  the quote and the course beside what the client wished for
     * @param  list<RiskView>  $risks
     * @param  list<JointView>  $joints
     * @param  array<string, string>  $looks  when each joint is looked at
     * @param  array<int, string>  $people  who may own what is left over
     * @param  array<string, TableSpecView>  $specs
     * @param  array<string, list<array<string, float|string|bool|null>>>  $tables
     */
    private function __construct(
        public int $id,
        public int $number,
        public int $planId,
        public string $planName,
        public ?string $note,
        public string $by,
        public string $at,
        public string $coreVersion,
        public ?string $acceptedAt,
        public ?string $acceptedBy,
        public ?int $systemId,
        /** The running system an earlier version opened. */
        public ?string $runs,
        public array $crumbs,
        public AnswersView $answers,
        /** today, accepted, recomputed or unreadable. */
        public string $how,
        /** What today’s arithmetic says otherwise. */
        public ?SinceView $since,
        public array $stops,
        public array $against,
        public array $others,
        public array $regimes,
        public bool $mayAccept,
        public bool $mayProve,
        public bool $mayWaive,
        /** Null for whoever sees no money. */
        public ?QuoteView $quote,
        /** What a year of running takes. */
        public ?QuoteView $year,
        public array $stages,
        public array $orders,
        public array $consents,
        public array $consentsOf,
        public array $late,
        public array $wishes,
        public bool $mayOrder,
        public array $risks,
        public array $joints,
        public array $looks,
        public array $people,
        public array $specs,
        public array $tables,
    ) {
    }

    /** The version is loaded with plan.site.client, plan.versions, waivers and system. */
    public static function of(PlanVersion $version, User $user): self
    {
        $units = $user->units();
        $answered = Answered::of($version);
        $answers = $answered->answers();
        $plan = $version->plan;
        $site = $plan?->site;
        $quote = $user->seesMoney() ? QuoteView::of($answered, $units) : null;
        $stages = StageView::all($answered, $version, Days::today());
        // Who wrote, who accepted and who may own what is left over: one question.
        $staff = User::query()
            ->where('role', '<>', 'client')
            ->orderBy('name')
            ->get(['id', 'name', 'archived_at'])
            ->keyBy('id');

        return new self(
            id: $version->id,
            number: $version->number,
            planId: $version->plan_id,
            planName: (string) $plan?->name,
            note: $version->note,
            by: (string) $staff->get($version->user_id)?->name,
            at: $version->created_at?->toIso8601ZuluString() ?? '',
            coreVersion: $answered->how === Answered::TODAY ? $version->core_version : $answered->coreVersion,
            acceptedAt: $version->accepted_at?->toIso8601ZuluString(),
            acceptedBy: $version->accepted_by === null ? null : $staff->get($version->accepted_by)?->name,
            systemId: $version->system?->id,
            runs: $version->accepted_at === null ? Acceptance::running($version)?->name : null,
            crumbs: [
                new CrumbView((string) $site?->client?->name, "/clients/{$site?->client_id}"),
                new CrumbView((string) $site?->name, "/sites/{$plan?->site_id}"),
                new CrumbView((string) $plan?->name, "/plans/{$version->plan_id}"),
            ],
            answers: AnswersView::of($answers, $units, withLight: false),
            how: $answered->how,
            since: SinceView::of($answered->since(), $units),
            stops: array_map(
                fn (Finding $f): StopView => self::stop($version, $f, FindingView::of($f, $units)),
                $answers->stops(),
            ),
            against: $version->accepted_at === null ? Acceptance::against($version, $answers) : [],
            others: array_values(
                ($plan->versions ?? collect())
                    ->where('id', '<>', $version->id)
                    ->map(fn (PlanVersion $v): VersionLineView => VersionLineView::of($v->setRelation('user', null)))
                    ->all(),
            ),
            regimes: collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()])->all(),
            mayAccept: $user->can('accept', $version),
            mayProve: $user->can('create', [PassedStage::class, $version, StageGate::PROOF]),
            mayWaive: $user->can('create', [PassedStage::class, $version, StageGate::WAIVER]),
            quote: $quote,
            year: $user->seesMoney() ? QuoteView::year($answered, $units) : null,
            stages: $stages,
            orders: array_values($version->orders->map(OrderView::of(...))->all()),
            consents: array_values($version->consents->map(ConsentView::of(...))->all()),
            consentsOf: Consent::OF,
            late: FindingView::all(
                Delivery::findings(
                    $version->deliveries(),
                    self::stageLabels($answered->whole()->stages),
                    PassedStage::day(Days::today()),
                ),
                $units,
            ),
            wishes: FindingView::all(self::wishes($site, $quote, $stages), $units),
            mayOrder: $user->can('create', [Order::class, $version]),
            risks: array_values($version->risks->map(RiskView::of(...))->all()),
            joints: JointView::all($version),
            looks: Plumbing::LOOKS,
            people: $staff->whereNull('archived_at')->map(fn (User $u): string => $u->name)->all(),
            specs: array_map(TableSpecView::of(...), TableRows::specs()),
            tables: TableRows::of($version->brief),
        );
    }

    /**
     * @param  list<StageView>  $stages
     * @return list<Finding>
     */
    private static function wishes(?Site $site, ?QuoteView $quote, array $stages): array
    {
        $enquiry = Enquiry::of($site);
        $stands = array_values(array_filter($stages, fn (StageView $s): bool => $s->key === 'cycle'));

        return Wishes::findings(
            $quote === null ? null : $enquiry->budgetMinor,
            $quote->totalMinor ?? 0,
            $quote->unpriced ?? 0,
            $enquiry->wantedOn === null
                ? null
                : PassedStage::day(CarbonImmutable::parse($enquiry->wantedOn)) -
                    PassedStage::day(Days::today()),
            ($stands[0] ?? null)?->begins,
        );
    }

    private static function stop(PlanVersion $version, Finding $finding, FindingView $view): StopView
    {
        $waiver = $version->waivers->first(fn (Waiver $w): bool => $finding->isCalled($w->finding_key));

        return new StopView(
            $view,
            Waivable::byReason($finding->rule),
            $waiver?->signed_by,
            $waiver?->signed_on->toDateString(),
            $waiver?->reason,
            $waiver?->attachment_id === null ? null : "/attachments/{$waiver->attachment_id}",
        );
    }

    /**
     * @param  list<Stage>  $stages
     * @return array<string, string>
     */
    private static function stageLabels(array $stages): array
    {
        $labels = array_map(fn (Stage $s): array => ['key' => $s->key, 'label' => $s->label], $stages);

        return array_column($labels, 'label', 'key');
    }
}
