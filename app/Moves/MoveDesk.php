<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\House\Days;
use App\House\Views\FindingView;
use App\Moves\Views\MoveBoxView;
use App\Moves\Views\MoveCourseView;
use App\Moves\Views\MoveGateView;
use App\Moves\Views\MoveHeadView;
use App\Moves\Views\MoveLineView;
use App\Moves\Views\MoveTruckView;
use App\Moves\Views\MoveWaterView;
use App\Rounds\Crew;
use App\Rounds\Visit;
use App\Team\Role;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Moves\Brief\BoxAnswer;
use Velbrin\Core\Moves\Brief\Boxing;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\TakeAlong;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind;
use Velbrin\Core\Moves\Day\Gate;
use Velbrin\Core\Moves\Day\MoveDay;

/** What the pages of a move show: what is known, what can be said of it, and how its day stands. */
final class MoveDesk
{
    /** A usual box, where none is planned yet: L, and its inside length. */
    private const BOX_L = 28.0;

    private const BOX_MM = 600.0;

    private const REEF_C = 25.0;

    /**
     * The move is loaded with from, to and system.
     *
     * @return array<string, mixed>
     */
    public function props(Move $move, User $user, bool $conflict = false): array
    {
        $units = $user->units();
        try {
            $answers = MoveAnswers::of(MoveDocument::read($move));
            $wrong = null;
        } catch (OutOfRange $e) {
            $answers = null;
            $wrong = ['field' => $e->field, 'words' => $e->getMessage()];
        }
        $brief = $answers?->brief;
        $day = $answers?->work === null ? null : $this->day($move, $answers);
        $begins = $move->on === null ? null : Days::moment($move->on->toDateString(), $brief->beginsMin ?? 600);

        return [
            'move' => MoveHeadView::of($move, $user, $brief->beginsMin ?? 600, $begins?->toIso8601ZuluString()),
            'written' => $move->brief,
            'conflict' => $conflict,
            'wrong' => $wrong,
            'missing' => $answers->missing ?? [],
            'course' => $answers?->work === null || $day === null ? null : MoveCourseView::of($answers->brief, $answers->work, $day),
            'boxes' => $answers === null ? [] : array_map(
                fn ($b): MoveBoxView => MoveBoxView::of(
                    $b,
                    $answers->brief->in($b->box),
                    $answers->warmth[$b->box->id] ?? null,
                    $day->readings[$b->box->id] ?? null,
                ),
                $answers->boxes,
            ),
            'truck' => $answers?->stowage === null || $answers->brief->truck === null
                ? null : MoveTruckView::of($answers->brief->truck, $answers->stowage, $answers->oldMostL),
            'waters' => MoveWaterView::of($answers?->jump, $answers?->acclimation, $answers?->holding),
            'gates' => $answers === null ? [] : array_map(
                fn (Gate $g): MoveGateView => MoveGateView::of($g, $units, $day->gates[$g->key] ?? null),
                Gate::all($answers),
            ),
            'findings' => FindingView::all($answers === null ? [] : $this->open($answers, $day), $units),
            'boxing' => $answers === null ? null : self::boxing($answers->brief),
            'people' => $this->people($move),
        ];
    }

    /**
     * Labels and the list of what is taken along, with what was missed at the last moves. The move is loaded with from, to and system.
     *
     * @return array<string, mixed>
     */
    public function papers(Move $move, User $user): array
    {
        try {
            $answers = MoveAnswers::of(MoveDocument::read($move));
        } catch (OutOfRange) {
            $answers = null;
        }
        $begins = $answers->brief->beginsMin ?? 600;
        $ends = [];
        foreach ($answers->day->clocks ?? [] as $clock) {
            $ends[$clock['label']] = Days::clock($begins + $clock['fromMin'] + $clock['limitMin']);
        }

        return [
            'move' => MoveHeadView::of($move, $user, $begins, null),
            'labels' => $answers === null ? [] : array_map(fn (BoxAnswer $b): array => [
                'id' => $b->box->id,
                'label' => $b->box->label,
                'animals' => MoveBoxView::of($b, $answers->brief->in($b->box), null, null)->animals,
                'litres' => $b->box->litres,
                'kg' => $b->box->kg(),
                'lastsUntil' => $ends[$b->box->label] ?? null,
                'air' => $b->box->airLMin > 0,
                'rides' => $b->box->inCabin ? 'cabin' : 'load space',
            ], $answers->boxes),
            'takeAlong' => $answers === null ? [] : TakeAlong::of($answers->brief),
            'missed' => MoveEvent::query()
                ->where('kind', EventKind::Note->value)
                ->where('of', 'missed')
                ->latest('id')
                ->limit(30)
                ->pluck('words')
                ->unique()
                ->values()
                ->all(),
            'address' => url("/moves/{$move->id}/go"),
        ];
    }

    /**
     * Who could ride with whom, in boxes of the size of the first.
     *
     * @return array{boxes: list<list<string>>, left: list<string>, proven: bool}|null nothing to put into boxes
     */
    private static function boxing(MoveBrief $brief): ?array
    {
        if ($brief->animals === []) {
            return null;
        }
        $boxing = Boxing::of(
            $brief->animals,
            $brief->boxes[0]->litres ?? self::BOX_L,
            $brief->boxes[0]->lengthMm ?? self::BOX_MM,
            $brief->waters->old['temperature'] ?? self::REEF_C,
        );

        return ['boxes' => $boxing->boxes, 'left' => $boxing->left, 'proven' => $boxing->isProven];
    }

    /**
     * What is open now: on the day, by the course as it goes.
     *
     * @return list<Finding>
     */
    private function open(MoveAnswers $answers, ?MoveDay $day): array
    {
        $isUnderWay = $day !== null && ($day->done !== [] || $day->running !== []);
        if (! $isUnderWay) {
            return $answers->findings;
        }
        $planned = ['move-end-missed', 'move-end-near', 'move-end-holds', 'move-clock-runs-out'];
        $still = array_filter($answers->findings, fn (Finding $f): bool => ! in_array($f->code, $planned, true));

        return Finding::sorted([...($day->rest->findings ?? []), ...array_values($still)]);
    }

    private function day(Move $move, MoveAnswers $answers): ?MoveDay
    {
        if ($answers->work === null) {
            return null;
        }
        $begins = $answers->brief->beginsMin;
        $events = array_values($move->events()->get()->map(fn (MoveEvent $e): Event => new Event(
            id: $e->uuid,
            kind: $e->kind,
            atMin: TakeEvents::minutes($move, $e->at, $begins),
            of: $e->of,
            value: $e->value,
            words: $e->words,
        ))->all());
        // Until the first word of the day the plan stands where it was put, whatever the clock shows.
        $now = $events === [] ? 0.0 : max(0.0, TakeEvents::minutes($move, CarbonImmutable::now(), $begins));

        return MoveDay::of($answers->work, $events, $now, $answers->day?->order());
    }

    /**
     * Those of ours who could come, with what else they have that day.
     *
     * @return list<array{id: int, name: string, skills: list<string>, busy: string|null}>
     */
    private function people(Move $move): array
    {
        $busy = [];
        if ($move->on !== null) {
            $crews = Crew::query()
                ->whereIn('id', Visit::query()
                    ->where('planned_on', $move->on->toDateString())
                    ->whereIn('state', [Visit::PLANNED, Visit::UNDERWAY])
                    ->select('crew_id'))
                ->with('members')
                ->get();
            foreach ($crews as $crew) {
                foreach ($crew->members as $member) {
                    $busy[$member->id] = 'has visits that day';
                }
            }
            $others = Move::query()->current()->where('on', $move->on->toDateString())->whereKeyNot($move->id)->with('hands')->get();
            foreach ($others as $other) {
                foreach ($other->hands as $hand) {
                    $busy[$hand->id] = "goes to {$other->name}";
                }
            }
        }

        return array_values(User::query()
            ->whereIn('role', Role::ours())
            ->whereNull('archived_at')
            ->orderBy('name')
            ->get()
            ->map(fn (User $u): array => [
                'id' => $u->id,
                'name' => $u->name,
                'skills' => array_values(array_filter($u->skills ?? [], is_string(...))),
                'busy' => $busy[$u->id] ?? null,
            ])->all());
    }

    /** @return list<MoveLineView> what comes first, what is over last */
    public function lines(): array
    {
        $moves = Move::query()
            ->current()
            ->with(['from', 'to'])
            ->withMax('events', 'at')
            ->orderByRaw('closed_at is not null, `on` is null, `on`')
            ->limit(200)
            ->get();

        return array_values($moves->map(fn (Move $m): MoveLineView => $this->line($m))->all());
    }

    private function line(Move $move): MoveLineView
    {
        $state = match (true) {
            $move->closed_at !== null => 'closed',
            $move->getAttribute('events_max_at') !== null => 'under way',
            $move->on === null => 'no date yet',
            $move->on->toDateString() === Days::text() => 'today',
            default => 'planned',
        };
        try {
            $answers = $move->closed_at === null ? MoveAnswers::of(MoveDocument::read($move)) : null;
        } catch (OutOfRange) {
            $answers = null;
        }
        $worst = $answers->findings[0]->severity ?? null;
        $stops = count(array_filter($answers->findings ?? [], fn (Finding $f): bool => $f->severity === Severity::Stop));
        $done = $answers?->day === null ? null : Days::clock($answers->brief->beginsMin + $answers->day->finishMin);

        return MoveLineView::of($move, $state, $worst?->value, $stops, $done);
    }

    /** @return list<array{id: int, name: string}> */
    public function sites(): array
    {
        return array_values(Site::query()->current()->orderBy('name')->get(['id', 'name'])->map(
            fn (Site $s): array => ['id' => $s->id, 'name' => $s->name],
        )->all());
    }
}
