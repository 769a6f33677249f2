<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** A crew's day with its visits in order: when each begins, what it costs, whether it breaks a hard rule. */
final readonly class Route
{
    /** A pinned hour is kept when the crew comes this much later. */
    private const PIN_SLACK_MIN = 1.0;

    /**
     * @param  list<Visit>  $visits
     * @param  list<float>  $startsMin  when each visit begins
     */
    private function __construct(
        public CrewDay $crewDay,
        public array $visits,
        public array $startsMin,
        public float $drivingMin,
        public float $backMin,
        public float $overtimeMin,
        public float $workMin,
        /** After which visit the break is taken; 0 before the first. */
        public int $breakAfter,
        public float $saltL,
        public float $roL,
        public float $loadKg,
        public ?Refusal $refusal,
    ) {
    }

    /** @param  list<Visit>  $visits */
    public static function of(CrewDay $day, array $visits, Prices $prices): self
    {
        $salt = $ro = $kg = 0.0;
        $refusal = null;
        $isolated = 0;
        foreach ($visits as $i => $visit) {
            $salt += $visit->saltL;
            $ro += $visit->roL;
            $kg += $visit->loadKg();
            $isolated += $visit->isolated ? 1 : 0;
            $refusal ??= self::fits($day, $visit);
            if ($visit->isolated && ! $visit->isFact && ($i < count($visits) - 1 || $isolated > 1)) {
                $refusal ??= Refusal::Isolation;
            }
        }
        $refusal ??= match (true) {
            $kg > $day->payloadKg + 1e-9 => Refusal::Payload,
            $salt > $day->saltL + 1e-9 => Refusal::SaltWater,
            $ro > $day->roL + 1e-9 => Refusal::RoWater,
            default => null,
        };

        return self::timed($day, $visits, $prices, $salt, $ro, $kg, $refusal);
    }

    /** What of a visit alone already keeps it from this crew's day. */
    public static function fits(CrewDay $day, Visit $visit): ?Refusal
    {
        if ($visit->isFact) {
            return null;
        }

        return match (true) {
            $day->day < $visit->earliestDay || $day->day > $visit->latestDay => Refusal::OutsideDays,
            ($visit->open[$day->day] ?? []) === [] => Refusal::Closed,
            in_array($day->day, $visit->keptClear, true) => Refusal::KeptClear,
            $visit->mayBegin($day->day) === [] => Refusal::Wish,
            $visit->onlyMember !== null && ! in_array($visit->onlyMember, $day->members, true) => Refusal::Wish,
            count($day->members) < $visit->persons => Refusal::Persons,
            array_diff($visit->skills, $day->skills) !== [] => Refusal::Skill,
            $visit->loadKg() > $day->payloadKg + 1e-9 => Refusal::Payload,
            $visit->saltL > $day->saltL + 1e-9 => Refusal::SaltWater,
            $visit->roL > $day->roL + 1e-9 => Refusal::RoWater,
            default => null,
        };
    }

    /** @param  list<Visit>  $visits */
    private static function timed(
        CrewDay $day,
        array $visits,
        Prices $prices,
        float $salt,
        float $ro,
        float $kg,
        ?Refusal $refusal,
    ): self {
        $clock = $day->startMin;
        $driving = $work = 0.0;
        $at = $day->depot;
        $starts = [];
        $breakAfter = 0;
        // What has begun stands before what is still planned.
        $plansBefore = false;
        $rested = $visits === [] || $day->breakMin <= 0;
        $half = ($day->startMin + $day->endMin) / 2;
        foreach ($visits as $i => $visit) {
            $drive = $at->minutesTo($visit->spot);
            $driving += $drive;
            $clock += $drive + Spot::PARKING_MIN;
            // The break is taken where half the day is over, before the next visit begins.
            $holdsUp = $visit->fixedStartMin !== null && $clock + $day->breakMin > $visit->fixedStartMin;
            if (! $rested && ! $holdsUp && $clock + $visit->minutes > $half) {
                $clock += $day->breakMin;
                $breakAfter = $i;
                $rested = true;
            }
            $begin = $visit->fixedStartMin ?? self::opening($visit, $day->day, max($clock, $day->notBeforeMin));
            if ($begin === null) {
                $refusal ??= Refusal::Opening;
                $begin = $clock;
            }
            $isLate = $visit->isFact ? $plansBefore : $clock > $begin + self::PIN_SLACK_MIN;
            if ($visit->fixedStartMin !== null && $isLate) {
                $refusal ??= Refusal::Pinned;
            }
            $plansBefore = $plansBefore || ! $visit->isFact;
            $starts[] = $begin;
            $clock = max($visit->isFact ? 0.0 : $clock, $begin) + $visit->minutes;
            $work += $visit->minutes;
            $at = $visit->spot;
        }
        $back = $visits === [] ? 0.0 : $at->minutesTo($day->depot);
        $driving += $back;
        $clock += $back + ($rested ? 0.0 : $day->breakMin);
        if (! $rested) {
            $breakAfter = count($visits);
        }
        $overtime = max(0.0, $clock - $day->endMin);
        if ($overtime > $prices->mostOvertimeMin + 1e-9) {
            $refusal ??= Refusal::Hours;
        }

        return new self(
            crewDay: $day,
            visits: $visits,
            startsMin: $starts,
            drivingMin: $driving,
            backMin: $clock,
            overtimeMin: $overtime,
            workMin: $work,
            breakAfter: $breakAfter,
            saltL: $salt,
            roL: $ro,
            loadKg: $kg,
            refusal: $refusal,
        );
    }

    /** The first moment from then on at which the whole visit fits into an opening. */
    private static function opening(Visit $visit, int $day, float $clock): ?float
    {
        foreach ($visit->mayBegin($day) as [$from, $to]) {
            $begin = max($from, $clock);
            if ($begin + $visit->minutes <= $to + 1e-9) {
                return $begin;
            }
        }

        return null;
    }

    public function price(Prices $prices): float
    {
        $price = $prices->drivingPerMin * $this->drivingMin + $prices->overtimePerMin * $this->overtimeMin;
        foreach ($this->visits as $visit) {
            $price += $prices->latePerDay * max(0, $this->crewDay->day - $visit->dueDay);
            $price +=
                $visit->familiar !== null && ! in_array($visit->familiar, $this->crewDay->members, true)
                    ? $prices->otherTechnician
                    : 0.0;
        }

        return $price;
    }

    /** What a visit there costs at least: its way, its lateness, a strange face. Overtime only adds to it. */
    public function leastMore(Visit $visit, int $position, Prices $prices): float
    {
        $from = ($this->visits[$position - 1] ?? null)->spot ?? $this->crewDay->depot;
        $to = ($this->visits[$position] ?? null)->spot ?? $this->crewDay->depot;
        $way =
            $from->minutesTo($visit->spot) +
            $visit->spot->minutesTo($to) -
            ($this->visits === [] ? 0.0 : $from->minutesTo($to));

        return $prices->drivingPerMin * $way +
            $prices->latePerDay * max(0, $this->crewDay->day - $visit->dueDay) +
            ($visit->familiar !== null && ! in_array($visit->familiar, $this->crewDay->members, true)
                ? $prices->otherTechnician
                : 0.0);
    }

    public function with(Visit $visit, int $position, Prices $prices): self
    {
        return self::of(
            $this->crewDay,
            [...array_slice($this->visits, 0, $position), $visit, ...array_slice($this->visits, $position)],
            $prices,
        );
    }

    public function without(int $visitId, Prices $prices): self
    {
        return self::of(
            $this->crewDay,
            array_values(array_filter($this->visits, fn (Visit $v): bool => $v->id !== $visitId)),
            $prices,
        );
    }
}
