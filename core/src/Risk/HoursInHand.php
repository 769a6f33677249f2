<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\NoHeater;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Time to harm less time to notice, arrive and fix, for one hazard of one system (R-25). */
final readonly class HoursInHand
{
    /** Fewer than this is worth saying. */
    public const SHORT_H = 2.0;

    /** @param  list<Harm>  $harms  the soonest first */
    private function __construct(
        public Hazard $hazard,
        public array $harms,
        public Response $response,
        /** Null: it never does harm. Nobody notices: no time in hand, 0. */
        public ?float $hours,
        public Finding $finding,
    ) {
    }

    /**
     * @param  list<AlarmWay>  $alarms
     *
     * @throws OutOfRange
     */
    public static function of(Hazard $hazard, Tonight $tank, array $alarms, Place $place): self
    {
        $harms = TimeToHarm::of($hazard, $tank);
        $response = Response::of($hazard, $tank, $alarms, $place);
        $harm = $harms[0]->hours ?? null;
        $isAnswered = $hazard === Hazard::TooCold && $tank->noHeater !== null && ! $tank->noHeater->isOverdue;
        $hours = match (true) {
            $harm === null, $isAnswered => null,
            $response->actsH === null => 0.0,
            default => $harm - $response->actsH,
        };

        return new self($hazard, $harms, $response, $hours, self::finding($hazard, $tank, $harms, $response, $hours));
    }

    /** Nobody has entered the limit of the alarm it rests on: the hours are the most there can be (R-48). */
    public function isAtMost(): bool
    {
        return $this->hours !== null && $this->response->needsLimitOf !== null;
    }

    /** Facts nobody has said decide whether help comes in time: at the likely or the latest hours it does. */
    public function isOpen(): bool
    {
        $harm = $this->harms[0] ?? null;
        if ($harm === null || $harm->needs === [] || $this->response->actsH === null) {
            return false;
        }

        return ($harm->latestH ?? INF) - $this->response->actsH >= self::SHORT_H;
    }

    public function state(): HandState
    {
        return match (true) {
            $this->hours === null => HandState::NoHarm,
            $this->response->noticedH === null => HandState::Unnoticed,
            $this->response->actsH === null => HandState::Locked,
            $this->hours < 0 => $this->isOpen() ? HandState::Open : HandState::Late,
            $this->isAtMost() => HandState::AtMost,
            $this->isOpen() && $this->hours < self::SHORT_H => HandState::Open,
            $this->hours < self::SHORT_H => HandState::Short,
            default => HandState::InHand,
        };
    }

    public function cause(): Cause
    {
        return Cause::of($this->hazard, $this->harms[0]->by ?? '', $this->state());
    }

    /** The shortest of a system's hazards; null when none does harm. */
    public static function worst(self ...$all): ?self
    {
        $worst = null;
        foreach ($all as $one) {
            if ($one->hazard->ranks() && $one->hours !== null && ($worst?->hours === null || $one->rank() < $worst->rank())) {
                $worst = $one;
            }
        }

        return $worst;
    }

    /** To sort a fleet by: hours in hand; what nobody would notice before the same hours with somebody. */
    public function rank(): float
    {
        return ($this->hours ?? INF) - ($this->response->actsH === null ? 1e-6 : 0.0);
    }

    /** @param  list<Harm>  $harms */
    private static function finding(
        Hazard $hazard,
        Tonight $tank,
        array $harms,
        Response $response,
        ?float $hours,
    ): Finding {
        $first = $harms[0] ?? null;
        $basis = $first?->assumed === true && $first->by === 'oxygen' ? Basis::Assumed : Basis::Computed;
        if ($first === null) {
            return self::cannotHappen($hazard, $tank);
        }
        $parts = [
            'hazard' => $hazard->label(),
            'limit' => $first->limit,
            'who' => $response->who ?? 'nobody',
            'how' => ucfirst($response->how),
            'alarm' => $response->needsLimitOf ?? '',
            'by' => self::reaches($first->by),
            'needs' => $first->needs[0] ?? '',
            'beyond' => sprintf('%g K·h', $first->kelvinHours),
            ...$first->hours === null ? [] : ['harm' => self::time($first->hours)],
            ...$response->actsH === null ? [] : ['acts' => self::time($response->actsH)],
            ...$hours === null ? [] : ['hand' => self::time(abs($hours))->apartFrom(0.0, self::SHORT_H)],
        ];
        if ($first->hours === null) {
            $why =
                $hazard === Hazard::HeaterStuckOff || $hazard === Hazard::TooCold
                    ? Phrase::WhatStillWorksHolds
                    : Phrase::ItSettlesAt;

            return Finding::of(
                Severity::Fine,
                'R-25',
                $hazard->value,
                Sentence::of(Phrase::NoHarmTonight, $parts),
                Sentence::of($why, $parts),
                null,
                $basis,
            );
        }
        if ($hours === null && $tank->noHeater !== null) {
            return self::onPurpose($tank->noHeater, $hazard, $parts, $basis);
        }
        $says = match ($first->by) {
            'oxygen' => Phrase::OxygenFallsToAfter,
            'temperature' => $first->kelvinHours > 0
                ? Phrase::AfterItHasStoodBeyond
                : Phrase::ItReachesAfter,
            'sump' => Phrase::TheSumpReaches,
            default => Phrase::ByAfterHarm,
        };
        $when = Sentence::of($says, $parts);
        if ($first->needs !== []) {
            $when = Sentence::joined($when, Sentence::of(Phrase::ThatIsTheSoonest, $parts));
        }
        $remedy = Remedy::of($hazard, $tank, $response, $first);
        $of = fn (Severity $severity, Phrase $what, Sentence $why): Finding => Finding::of(
            severity: $severity,
            rule: 'R-25',
            about: $hazard->value,
            what: Sentence::of($what, $parts),
            why: $why,
            remedy: $severity === Severity::Fine ? null : $remedy,
            basis: $basis,
            working: $hazard->value,
        );
        if ($response->noticedH === null) {
            $alarm = Sentence::joined(
                Sentence::of(Phrase::AnAlarmThatCallsSomebody),
                $remedy,
            );

            return Finding::of(
                severity: Severity::Fix,
                rule: 'R-25',
                about: $hazard->value,
                what: Sentence::of(Phrase::NobodyWouldNotice, $parts),
                why: Sentence::joined($when, Sentence::of(Phrase::How, $parts)),
                remedy: $alarm,
                basis: $basis,
                working: $hazard->value,
            );
        }
        if ($response->actsH === null && $response->waitsFor !== null) {
            return self::noPart($response->waitsFor, $hazard, $parts, $when, $basis);
        }
        if ($response->actsH === null) {
            $key = Sentence::of(Phrase::AKeyWithUsOr);

            return Finding::of(
                severity: Severity::Fix,
                rule: 'R-25',
                about: $hazard->value,
                what: Sentence::of(Phrase::WouldStandAtALockedDoor, $parts),
                why: $when,
                remedy: $key,
                basis: $basis,
                working: $hazard->value,
            );
        }
        $isOpen = $first->needs !== [] && ($first->latestH ?? INF) - $response->actsH >= self::SHORT_H;
        $acted = Sentence::of(
            match (true) {
                $response->waitsFor !== null => Phrase::AfterWaitingForThePart,
                $response->waitsAtDoor => Phrase::AfterWaitingForTheDoor,
                default => Phrase::CanHaveActedAfter,
            },
            [...$parts, 'part' => lcfirst($response->waitsFor?->label() ?? '')],
        );
        $why = $response->limitH >= $first->hours
            ? Sentence::joined($when, $acted, Sentence::of(Phrase::TheAlarmSoundsAfterTheHarm))
            : Sentence::joined($when, $acted);
        if ($response->needsLimitOf !== null && $hours >= 0) {
            $needs = Sentence::of(Phrase::EnterAtWhichLimitCalls, $parts);
            $atMost = Sentence::joined($why, Sentence::of(Phrase::ThatCountsFromTheFault, $parts));

            return Finding::of(
                severity: Severity::Watch,
                rule: 'R-48',
                about: $hazard->value,
                what: Sentence::of(Phrase::AtMostInHand, $parts),
                why: $atMost,
                remedy: $needs,
                basis: Basis::Assumed,
                working: $hazard->value,
            );
        }

        if ($isOpen && $hours < self::SHORT_H) {
            return Finding::of(
                severity: $hours < 0 ? Severity::Fix : Severity::Watch,
                rule: 'R-59',
                about: $hazard->value,
                what: Sentence::of(Phrase::WhetherHelpComesInTime, $parts),
                why: $why,
                remedy: Sentence::of(Phrase::WriteDownItDecides, $parts),
                basis: Basis::Assumed,
                working: $hazard->value,
            );
        }

        return match (true) {
            $hours < 0 => $of(Severity::Fix, Phrase::HelpComesTooLate, $why),
            $hours < self::SHORT_H => $of(Severity::Watch, Phrase::InHand, $why),
            default => $of(Severity::Fine, Phrase::InHand, $why),
        };
    }

    /** @param  array<string, Quantity|Sentence|string>  $parts */
    private static function noPart(Job $job, Hazard $hazard, array $parts, Sentence $when, Basis $basis): Finding
    {
        return Finding::of(
            severity: Severity::Fix,
            rule: 'R-25',
            about: $hazard->value,
            what: Sentence::of(Phrase::NobodyHasThePart, [...$parts, 'part' => lcfirst($job->label())]),
            why: $when,
            remedy: Sentence::of(Phrase::ASpareInTheVan, ['part' => lcfirst($job->label())]),
            basis: $basis,
            working: $hazard->value,
        );
    }

    /** Less than an hour is said in minutes. */
    private static function time(float $hours): Quantity
    {
        return $hours < 1 ? Quantity::of(60 * $hours, Kind::Minutes) : Quantity::of($hours, Kind::Hours);
    }

    private static function reaches(string $by): string
    {
        return match ($by) {
            'floor' => 'Water stands on the floor',
            'thin salt' => 'Its salt is too thin',
            'thick salt' => 'Its salt is too thick',
            'dry pump' => 'The return runs dry',
            'alkalinity' => 'Alkalinity has risen beyond harm',
            'pH' => 'Its pH has risen beyond harm',
            'dark' => 'Corals suffer without light',
            'ammonia' => 'Its water is foul',
            default => 'It harms',
        };
    }

    private static function cannotHappen(Hazard $hazard, Tonight $tank): Finding
    {
        $parts = ['hazard' => $hazard->label()];
        if (! $tank->hasAnimals) {
            $why = Sentence::of(Phrase::WhatCanHappenHereIsOverfilling);

            return Finding::of(
                Severity::Fine,
                'R-51',
                $hazard->value,
                Sentence::of(Phrase::NothingLivesInIt, $parts),
                $why,
            );
        }
        [$what, $why] = match ($hazard) {
            Hazard::ReturnDead => [Phrase::NoHeaterHangsOnItsFlow, Phrase::HeatStaysWhereTheAnimalsAre],
            default => [Phrase::NoHeaterInIt, Phrase::NothingToStick],
        };

        return Finding::of(Severity::Fine, 'R-25', $hazard->value, Sentence::of($what, $parts), Sentence::of($why));
    }

    /** @param  array<string, Quantity|string>  $parts */
    private static function onPurpose(NoHeater $answer, Hazard $hazard, array $parts, Basis $basis): Finding
    {
        $parts = [...$parts, 'because' => $answer->because, 'while' => $answer->while];
        $why = Sentence::of(
            Phrase::BecauseWhileInARoomLike,
            $parts,
        );

        return Finding::of(
            Severity::Watch,
            'R-50',
            $hazard->value,
            Sentence::of(Phrase::NoHeaterOnPurpose, $parts),
            $why,
            Sentence::of(Phrase::ItComesBackWhenThatEnds),
            $basis,
        );
    }
}
