<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What a change of the plan would do, in numbers, before it is done. */
final readonly class Consequence
{
    /**
     * @param  array<int, array{0: float, 1: float}>  $shifted  visits of the touched days that begin at another minute: from, to
     * @param  list<Sentence>  $sentences
     */
    private function __construct(
        public ?Refusal $refusal,
        public float $priceMin,
        public float $drivingMin,
        public float $overtimeMin,
        public int $lateDays,
        public array $shifted,
        public array $sentences,
    ) {
    }

    /** A visit moved to a crew's day, at a position or the cheapest one; null when it is not in this week. */
    public static function ofMove(Week $week, Visit $visit, string $to, ?int $position = null): self
    {
        $from = $week->where($visit->id);
        $bare = $from === null ? $week : $week->withRoute($week->routes[$from]->without($visit->id, $week->prices));
        $after = self::put($bare, $visit, $to, $position);

        return self::between($week, $after, $visit, $to);
    }

    /** The week with the visit there. */
    public static function put(Week $bare, Visit $visit, string $to, ?int $position = null): Week
    {
        $route = $bare->routes[$to];
        $n = count($route->visits);
        $tried = array_map(
            fn (int $at): Route => $route->with($visit, $at, $bare->prices),
            $position === null ? range(0, $n) : [min($position, $n)],
        );
        // A sound position before a cheap one.
        usort(
            $tried,
            fn (Route $a, Route $b): int => [$a->refusal === null ? 0 : 1, $a->price($bare->prices)] <=> [
                $b->refusal === null ? 0 : 1,
                $b->price($bare->prices),
            ],
        );

        return $bare->withRoute($tried[0]);
    }

    private static function between(Week $before, Week $after, Visit $visit, string $to): self
    {
        $from = $before->where($visit->id);
        $driving = $overtime = 0.0;
        $shifted = [];
        $refusal = $after->routes[$to]->refusal;
        foreach (array_unique(array_filter([$from, $to])) as $key) {
            $was = $before->routes[$key];
            $is = $after->routes[$key];
            $driving += $is->drivingMin - $was->drivingMin;
            $overtime += $is->overtimeMin - $was->overtimeMin;
            $begins = array_combine(array_map(fn (Visit $v): int => $v->id, $was->visits), $was->startsMin);
            foreach ($is->visits as $i => $other) {
                if (
                    isset($begins[$other->id]) &&
                    $other->id !== $visit->id &&
                    abs($begins[$other->id] - $is->startsMin[$i]) >= 1
                ) {
                    $shifted[$other->id] = [$begins[$other->id], $is->startsMin[$i]];
                }
            }
        }
        $late = fn (?string $key, Week $week): int => $key === null
            ? 0
            : max(0, $week->routes[$key]->crewDay->day - $visit->dueDay);
        $lateDays = $late($to, $after) - $late($from, $before);

        return new self(
            $refusal,
            $after->price() - $before->price(),
            $driving,
            $overtime,
            $lateDays,
            $shifted,
            self::sentences($after->routes[$to], $driving, $overtime, $lateDays, $shifted, $refusal, $visit),
        );
    }

    /**
     * @param  array<int, array{0: float, 1: float}>  $shifted  start before and after, minutes of the day, by visit
     * @return list<Sentence>
     */
    private static function sentences(
        Route $to,
        float $driving,
        float $overtime,
        int $lateDays,
        array $shifted,
        ?Refusal $refusal,
        Visit $visit,
    ): array {
        $minutes = fn (float $m): Quantity => Quantity::of(abs($m), Kind::Minutes);
        $sentences = [];
        if ($refusal !== null) {
            $sentences[] = Sentence::of(Phrase::CannotStandThere, ['refusal' => $refusal->words()]);
        }
        if (abs($driving) >= 1) {
            $sentences[] = Sentence::of($driving > 0 ? Phrase::MoreAtTheWheel : Phrase::LessAtTheWheel, [
                'm' => $minutes($driving),
            ]);
        }
        if (abs($overtime) >= 1) {
            $sentences[] = Sentence::of($overtime > 0 ? Phrase::MoreOvertime : Phrase::LessOvertime, [
                'm' => $minutes($overtime),
            ]);
        }
        if ($lateDays !== 0) {
            $sentences[] = Sentence::of($lateDays > 0 ? Phrase::LaterThanDue : Phrase::LessLateThanDue, [
                'd' => Quantity::of(abs($lateDays), Kind::Days),
            ]);
        }
        if ($shifted !== []) {
            $most = max(array_map(fn (array $s): float => abs($s[1] - $s[0]), $shifted));
            $one = array_values($shifted)[0];
            $sentences[] =
                count($shifted) === 1
                    ? Sentence::of($one[1] > $one[0] ? Phrase::AnotherVisitBeginsLater : Phrase::AnotherVisitBeginsEarlier, [
                        'm' => $minutes($most),
                    ])
                    : Sentence::of(Phrase::OtherVisitsBeginAtAnotherTime, [
                        'n' => Quantity::of(count($shifted), Kind::Count),
                        'm' => $minutes($most),
                    ]);
        }
        if ($visit->saltL > 0) {
            $sentences[] = Sentence::of(Phrase::ThatVanThenCarriesOfSalt, [
                'litres' => Quantity::of($to->saltL, Kind::Volume),
                'most' => Quantity::of($to->crewDay->saltL, Kind::Volume),
            ]);
        }
        if ($visit->familiar !== null && ! in_array($visit->familiar, $to->crewDay->members, true)) {
            $sentences[] = Sentence::of(Phrase::AnotherTechnicianThanUsual);
        }

        return $sentences === [] ? [Sentence::of(Phrase::NothingElseMoves)] : $sentences;
    }
}
