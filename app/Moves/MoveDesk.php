<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use App\House\Views\FindingView;
use App\Moves\Views\CarryView;
use App\Moves\Views\MoveBoxView;
use App\Moves\Views\MoveCourseView;
use App\Moves\Views\MoveGateView;
use App\Moves\Views\MoveHeadView;
use App\Moves\Views\MoveTruckView;
use App\Moves\Views\MoveWaterView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\Box;
use Velbrin\Core\Moves\Brief\Boxing;
use Velbrin\Core\Moves\Brief\CarryList;
use Velbrin\Core\Moves\Brief\Fate;
use Velbrin\Core\Moves\Brief\HandsHours;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\PieceKind;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\Gate;
use Velbrin\Core\Moves\Day\HeadCount;
use Velbrin\Core\Moves\Day\MoveDay;

/** What the pages of a move show: what is known, what can be said of it, and how its day stands. */
final class MoveDesk
{
    /**
     * The move is loaded with from, to and system.
     *
     * @return array<string, mixed>
     */
    public function props(Move $move, User $user, bool $conflict = false): array
    {
        $units = $user->units();
        $people = WhoCouldCome::of($move);
        $elsewhere = [];
        foreach ($people as $person) {
            $elsewhere += $person['busy'] === null ? [] : ["u{$person['id']}" => $person['busy']];
        }
        try {
            $answers = AnsweredOnce::of($move, MoveDocument::read($move, $elsewhere));
            $wrong = null;
        } catch (OutOfRange $e) {
            $answers = null;
            $wrong = ['field' => $e->field, 'words' => $e->getMessage()];
        }
        $brief = $answers?->brief;
        $events = $answers === null ? [] : MoveHeads::events($move, $answers->brief->beginsMin);
        $day = $answers?->work === null ? null : $this->day($move, $answers, $events);
        $heads = $answers === null ? null : HeadCount::of($answers->brief, $events);
        $deciders = $events === [] ? [] : GateDeciders::of($move);
        $begins = $move->on === null ? null : Days::moment($move->on->toDateString(), $brief->beginsMin ?? 600);

        return [
            'move' => MoveHeadView::of(
                $move,
                $user,
                $brief->beginsMin ?? 600,
                $begins?->toIso8601ZuluString(),
                MoveStands::of($move, $brief, $brief === null ? null : $events),
            ),
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
                    $heads,
                ),
                $answers->boxes,
            ),
            'trucks' => $answers?->fleet === null ? [] : MoveTruckView::all($answers->fleet, $answers->oldMostL),
            'waters' => MoveWaterView::of($answers?->jump, $answers?->acclimation, $answers?->holding),
            'gates' => $answers === null ? [] : array_map(
                fn (Gate $g): MoveGateView => MoveGateView::of($g, $units, $day->gates[$g->key] ?? null, $deciders[$g->key] ?? null),
                Gate::all($answers, $heads),
            ),
            'findings' => FindingView::all(
                $answers === null ? [] : Finding::sorted([...$this->open($answers, $day), ...($heads?->findings() ?? [])]),
                $units,
            ),
            'boxing' => $answers === null ? null : self::boxing($answers->brief),
            'carried' => $answers === null ? [] : array_map(CarryView::of(...), CarryList::of($answers->brief)),
            'people' => $people,
            'crewNeeded' => $answers?->crewNeeded,
            'fates' => self::fates(),
            'currency' => config()->string('velbrin.currency'),
            'darkMin' => Daylight::endsMin($move->to, $move->on),
            'photos' => MovePhotos::rows($move),
            'before' => JobsBeforeMove::rows($move),
        ];
    }

    /** @return array{asked: list<string>, takeTime: list<string>} of which kinds it is asked what becomes of them; which fates take time */
    private static function fates(): array
    {
        $asked = array_filter(PieceKind::cases(), fn (PieceKind $k): bool => $k->hasFate());
        $takeTime = array_filter(Fate::cases(), fn (Fate $f): bool => $f->takesTime());

        return ['asked' => array_column($asked, 'value'), 'takeTime' => array_column($takeTime, 'value')];
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
            $brief->boxes[0]->litres ?? Box::USUAL_L,
            $brief->boxes[0]->lengthMm ?? Box::USUAL_LONG_MM,
            $brief->waters->old['temperature'] ?? Boxing::REEF_C,
            wideMm: $brief->boxes[0]->widthMm ?? Box::USUAL_WIDE_MM,
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
        $planned = ['move-end-missed', 'move-end-near', 'move-end-holds', 'move-clock-runs-out', 'move-hours', 'move-no-break'];
        $still = array_filter($answers->findings, fn (Finding $f): bool => ! in_array($f->code, $planned, true));
        $team = HandsHours::of($answers->brief, $day->open, $day->rest);

        return Finding::sorted([...($day->rest->findings ?? []), ...$team, ...array_values($still)]);
    }

    /** @param  list<Event>  $events */
    private function day(Move $move, MoveAnswers $answers, array $events): ?MoveDay
    {
        if ($answers->work === null) {
            return null;
        }
        $begins = $answers->brief->beginsMin;
        // Until the first word of the day the plan stands where it was put, whatever the clock shows.
        $now = $events === [] ? 0.0 : max(0.0, TakeEvents::minutes($move, CarbonImmutable::now(), $begins));

        return MoveDay::of($answers->work, $events, $now, $answers->day?->order());
    }
}
