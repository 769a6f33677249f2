<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\SickVisitView;
use App\Team\Absence;
use App\Team\OnCall;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Somebody is ill from now on (S-22): what nobody would come to, where it goes with the fewest moves, whom to tell, who takes the phone.
 * Looked at first, then done in one go.
 */
final class SickNow
{
    /** Weeks of plan that are looked at, and one more for what finds no place in its own. */
    private const WEEKS = 3;

    public function __construct(private readonly Planning $planning)
    {
    }

    /** @return list<SickVisitView> what would become of each visit */
    public function preview(User $user, CarbonImmutable $until): array
    {
        $visits = [];
        foreach ($this->weeks($until) as $monday) {
            $reader = WeekReader::read($monday, null, self::absence($user, $until));
            // What finds no place in its own week is tried in the next.
            $waiting = array_filter($visits, fn (SickVisitView $v): bool => $v->becomes === null);
            [$week, $left] = $this->planning->rescue($reader, array_keys($waiting));
            foreach ($waiting as $id => $view) {
                $visits[$id] = $view->in($reader, $week);
            }
            foreach ($this->theirs($reader, $user) as $id) {
                $visits[$id] = SickVisitView::of($reader, $id, $week, $left);
            }
        }

        return array_values($visits);
    }

    /** @return Collection<int, OnCall> nights the ill person would answer */
    public function nights(User $user, CarbonImmutable $until): Collection
    {
        return OnCall::query()
            ->where('user_id', $user->id)
            ->where('until_on', '>=', Days::today()->toDateString())
            ->where('from_on', '<=', $until->toDateString())
            ->orderBy('from_on')
            ->get()
            ->toBase();
    }

    /** @return Collection<int, User> who is there all that time and could take the phone */
    public function standIns(User $user, CarbonImmutable $until): Collection
    {
        $away = Absence::query()
            ->where('from_on', '<=', $until->toDateString())
            ->where('until_on', '>=', Days::today()->toDateString())
            ->pluck('user_id');

        return User::query()
            ->current()
            ->whereIn('role', ['owner', 'planner', 'technician'])
            ->whereKeyNot($user->id)
            ->whereNotIn('id', $away)
            ->whereNotNull('phone')
            ->orderByRaw("role = 'technician' desc")
            ->orderBy('name')
            ->get()
            ->toBase();
    }

    /** @return array{0: int, 1: int} visits that moved, visits without a place */
    public function confirm(User $user, CarbonImmutable $until, ?User $standIn, User $by): array
    {
        return Exclusive::run(
            'week',
            60,
            fn (): array => DB::transaction(function () use ($user, $until, $standIn, $by): array {
                self::absence($user, $until)->save();
                $before = [];
                $left = [];
                foreach ($this->weeks($until) as $monday) {
                    $reader = WeekReader::read($monday);
                    $theirs = [...$this->theirs($reader, $user), ...array_keys($left)];
                    [$week, $unplanned] = $this->planning->rescue($reader, array_keys($left));
                    [$moved] = $this->planning->write($reader, $week, marks: true);
                    $before += $moved;
                    $left = [];
                    foreach ($unplanned as $one) {
                        if (in_array($one->visit->id, $theirs, true)) {
                            $left[$one->visit->id] = true;
                        }
                        $why =
                            ($reader->stranded[$one->visit->id] ?? "{$user->name} is ill").
                            "; {$one->refusal->words()}";
                        Visit::query()
                            ->whereKey($one->visit->id)
                            ->update(['why_unplanned' => mb_substr($why, 0, 200)]);
                    }
                }
                $nights = $standIn === null ? collect() : $this->nights($user, $until);
                foreach ($nights as $night) {
                    OnCall::query()->create([
                        'user_id' => $standIn?->id,
                        'from_on' => max($night->from_on->toDateString(), Days::today()->toDateString()),
                        'until_on' => min($night->until_on->toDateString(), $until->toDateString()),
                        'position' => $night->position,
                    ]);
                }
                BoardLog::keep(BoardChange::SICK, "{$user->name} is ill until {$until->format('j M')}", $by, $before);

                return [count($before), count($left)];
            }),
        );
    }

    private static function absence(User $user, CarbonImmutable $until): Absence
    {
        return new Absence([
            'user_id' => $user->id,
            'from_on' => Days::today()->toDateString(),
            'until_on' => $until->toDateString(),
            'reason' => 'ill',
        ]);
    }

    /** @return list<CarbonImmutable> */
    private function weeks(CarbonImmutable $until): array
    {
        $weeks = [];
        for (
            $monday = Days::monday();
            $monday->lessThanOrEqualTo($until->addWeek()) && count($weeks) < self::WEEKS;
            $monday = $monday->addWeek()
        ) {
            $weeks[] = $monday;
        }

        return $weeks;
    }

    /** @return list<int> visits of that person’s crews which nobody, or too few, will come to */
    private function theirs(WeekReader $reader, User $user): array
    {
        $crews = $reader->crews
            ->filter(fn (Crew $c): bool => $c->members->contains('id', $user->id))
            ->map(fn (Crew $c): int => $c->id)
            ->all();

        return array_values(
            array_filter(
                array_keys($reader->stranded),
                fn (int $id): bool => in_array($reader->visits[$id]?->crewId, $crews, true),
            ),
        );
    }
}
