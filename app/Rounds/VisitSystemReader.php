<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Views\FindingView;
use App\Rounds\Views\AmmoniaTableView;
use App\Rounds\Views\FollowUpView;
use App\Rounds\Views\OffView;
use App\Rounds\Views\SandView;
use App\Rounds\Views\StepView;
use App\Rounds\Views\VisitSystemView;
use App\Rounds\Views\VisitTaskView;
use App\Systems\AmmoniaWatch;
use App\Systems\Band;
use App\Systems\Http\LogController;
use App\Systems\LogEntry;
use App\Systems\OpenRipple;
use App\Systems\Parameters;
use App\Systems\Product;
use App\Systems\StandingNote;
use App\Systems\Stock\Animal;
use App\Systems\StoredJudgement;
use App\Systems\System;
use App\Systems\Views\LogLineView;
use App\Systems\Views\NoteView;
use App\Systems\Views\ParameterView;
use App\Systems\Views\ProductCardView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Rounds\SheetStep;

/** One system as a phone shows it at a visit, from rows that were read for all of them. */
final readonly class VisitSystemReader
{
    private const CHANGES = 6;

    /** @var array<int, ProductCardView> */
    private array $cards;

    /**
     * @param  array<int, list<SheetStep>>  $steps  by task
     * @param  array<int, list<string>>  $charges  media charges, by task
     */
    public function __construct(
        private VisitSurroundings $round,
        private User $user,
        private array $steps,
        private array $charges,
    ) {
        $this->cards = self::cards($steps);
    }

    /**
     * @param  Collection<int, VisitTask>  $tasks
     * @param  Collection<int, LogEntry>  $log
     * @param  Collection<int, FollowUp>  $carried
     * @param  Collection<int, OffRecord>  $offs
     */
    public function read(
        System $system,
        Collection $tasks,
        Collection $log,
        Collection $carried,
        Collection $offs,
    ): VisitSystemView {
        $litres = $system->volumeL();
        $user = $this->user;
        $jobs = explode(',', (string) $system->getAttributes()['jobs']);
        [$readings, $others] = self::readings($system, $tasks, $user);
        $ammonia = AmmoniaWatch::of($system)?->finding;

        return new VisitSystemView(
            id: $system->id,
            name: $system->name,
            volume: $litres === null ? null : $user->units()->show(Quantity::of($litres, Kind::Volume)),
            isolated: $system->isolated_since === null ? null : (string) $system->isolated_reason,
            settling: $system->isSettling() ? 'settling until '.$system->settling_until?->format('j M') : null,
            notes: array_values($system->standingNotes->map(fn (StandingNote $n): NoteView => NoteView::of($n))->all()),
            changes: array_values(
                $log
                    ->take(self::CHANGES)
                    ->map(
                        fn (LogEntry $e): LogLineView => new LogLineView(
                            $e->id,
                            $e->happened_at->toIso8601ZuluString(),
                            LogController::KINDS[$e->kind] ?? $e->kind,
                            $e->text,
                            (string) $e->user?->name,
                        ),
                    )
                    ->all(),
            ),
            carried: array_values($carried->map(fn (FollowUp $f): FollowUpView => FollowUpView::of($f))->all()),
            offs: array_values($offs->map(fn (OffRecord $o): OffView => OffView::of($o))->all()),
            tasks: array_values(
                $tasks
                    ->map(
                        fn (VisitTask $t): VisitTaskView => VisitTaskView::of(
                            $t,
                            $system,
                            $jobs,
                            $user,
                            array_map(
                                fn (SheetStep $step): StepView => StepView::of($step, $this->cards),
                                $this->steps[$t->id] ?? [],
                            ),
                            $this->charges[$t->task_id ?? 0] ?? [],
                        ),
                    )
                    ->all(),
            ),
            readings: $readings,
            others: $others,
            ripples: array_values($system->ripples->map(fn (OpenRipple $r): string => "{$r->label}: {$r->check}")->all()),
            ammonia: self::ammonia($system, $user),
            ammoniaStands: $ammonia === null || $ammonia->severity === Severity::Fine
                ? null
                : FindingView::of($ammonia, $user->units()),
            locks: $this->round->locks[$system->id] ?? [],
            lifted: $this->round->lifted[$system->id] ?? [],
            sand: $tasks->contains(fn (VisitTask $t): bool => $t->type?->key === SandJob::KEY)
                ? SandView::of($this->profiles($system), self::staying($system), $user->units())
                : null,
        );
    }

    /**
     * What the jobs ask for first, then whatever this system tracks; all the rest may be read too (C-60).
     *
     * @param  Collection<int, VisitTask>  $tasks
     * @return array{0: list<ParameterView>, 1: list<ParameterView>}
     */
    private static function readings(System $system, Collection $tasks, User $user): array
    {
        $asked = $tasks
            ->flatMap(fn (VisitTask $t): array => array_filter($t->type->readings ?? [], is_string(...)))
            ->unique()
            ->all();
        $tracked = $system->bands
            ->filter(fn (Band $b): bool => (bool) $b->getAttributes()['tracked'])
            ->map(fn (Band $b): string => (string) $b->getAttributes()['parameter'])
            ->all();
        $judged = AmmoniaWatch::judged($system);
        $view = fn (Measured $p): ParameterView => ParameterView::of(
            $p,
            Band::for($system, $p),
            StoredJudgement::for($system, $p),
            $user,
            $judged,
            $system->ammonia_at,
        );
        $first = array_values(array_unique([...$asked, ...$tracked]));
        $followed = array_filter(array_map(fn (string $key): ?Measured => Parameters::here()->find($key), $first));
        $others = array_filter(Parameters::here()->all(), fn (Measured $p): bool => ! in_array($p->key(), $first, true));

        return [array_values(array_map($view, $followed)), array_values(array_map($view, $others))];
    }

    private static function ammonia(System $system, User $user): ?AmmoniaTableView
    {
        $table = AmmoniaWatch::table($system);
        $fresh = function (Parameter $parameter) use ($system): ?float {
            $judgement = StoredJudgement::for($system, $parameter);

            return $judgement !== null && $judgement->latest_at->isAfter(CarbonImmutable::now()->subDay())
                ? $judgement->latest
                : null;
        };

        return $table === null
            ? null
            : AmmoniaTableView::of(
                $table,
                $system->volumeL(),
                $fresh(Parameter::Ph),
                $fresh(Parameter::Temperature),
                $user->units(),
            );
    }

    /** @return list<string> animals nobody moves while they work beside them (X-44) */
    private static function staying(System $system): array
    {
        return array_values(
            Animal::query()
                ->living()
                ->where('system_id', $system->id)
                ->whereNotNull('stays_put')
                ->orderBy('name')
                ->get()
                ->map(fn (Animal $a): string => "{$a->name} is not to be moved: {$a->stays_put}")
                ->all(),
        );
    }

    /** @return list<SandProfile> the newest two */
    private function profiles(System $system): array
    {
        return array_values(
            SandProfile::query()
                ->where('system_id', $system->id)
                ->latest('measured_on')
                ->latest('id')
                ->limit(2)
                ->get()
                ->all(),
        );
    }

    /**
     * @param  array<int, list<SheetStep>>  $steps
     * @return array<int, ProductCardView>
     */
    private static function cards(array $steps): array
    {
        $ids = array_unique(
            array_filter(array_map(fn (SheetStep $s): ?int => $s->product, array_merge(...array_values($steps)))),
        );

        return $ids === []
            ? []
            : Product::query()
                ->withSheet()
                ->whereIntegerInRaw('products.id', $ids)
                ->get()
                ->mapWithKeys(fn (Product $p): array => [$p->id => ProductCardView::of($p)])
                ->all();
    }
}
