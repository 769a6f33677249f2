<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** One reason for a job to come due, and the days it gives (S-2, S-48, X-40). */
final readonly class Trigger
{
    /** What a reading or a sign asks for is done within so many days. */
    public const WITHIN_DAYS = 3.0;

    /** Vessels are filled so many days before they are empty. */
    public const RUN_OUT_LEAD_DAYS = 3.0;

    /**
     * @param  list<int>  $weekdays  1 Monday … 7 Sunday
     * @param  string  $of  parameter, sign or UsedBy
     */
    private function __construct(
        public TriggerKind $kind,
        public ?Interval $interval = null,
        public array $weekdays = [],
        public string $of = '',
        public ?float $below = null,
        public ?float $above = null,
        public float $limit = 0,
        public ?float $onDay = null,
        public float $everyDays = 1,
        public float $forDays = 0,
        public ?float $stop = null,
    ) {
    }

    public static function every(Interval $interval): self
    {
        return new self(TriggerKind::Every, $interval);
    }

    /** @param  list<int>  $weekdays  1 Monday … 7 Sunday, at least one. @throws OutOfRange */
    public static function weekdays(array $weekdays): self
    {
        $valid = array_values(array_unique(array_filter($weekdays, fn (int $d): bool => $d >= 1 && $d <= 7)));
        if ($valid === [] || count($valid) !== count($weekdays)) {
            throw OutOfRange::field(
                'weekdays',
                Phrase::NotASetOfWeekdays,
                Phrase::OneToSevenDifferentDays,
            );
        }
        sort($valid);

        return new self(TriggerKind::Weekdays, weekdays: $valid);
    }

    /**
     * Due when the latest reading, taken since it was last done, lies below or above a limit. With a reading to stop at it goes on,
     * every so many days, until that is reached (S-48).
     *
     * @param  float|null  $stop  beyond the one limit, on the good side
     *
     * @throws OutOfRange
     */
    public static function reading(
        string $parameter,
        ?float $below,
        ?float $above,
        ?float $stop = null,
        float $everyDays = 1,
    ): self {
        if ($below === null && $above === null) {
            throw OutOfRange::field('below', Phrase::NoLimitIsGiven, Phrase::ALimitBelow);
        }
        if ($below !== null && $above !== null && $below >= $above) {
            throw OutOfRange::field('above', Phrase::TheLimitsCross, Phrase::MoreThanTheLowerLimit);
        }
        if ($stop !== null) {
            AsNeeded::check($below, $above, $stop);
        }
        Guard::positive('everyDays', $everyDays);

        return new self(
            TriggerKind::Reading,
            of: $parameter,
            below: $below,
            above: $above,
            everyDays: $everyDays,
            stop: $stop,
        );
    }

    /** When a charge of media is due to be exchanged. */
    public static function charge(): self
    {
        return new self(TriggerKind::Charge);
    }

    public static function sign(Sign $sign): self
    {
        return new self(TriggerKind::Sign, of: $sign->value);
    }

    /** @throws OutOfRange */
    public static function runOut(float $leadDays = self::RUN_OUT_LEAD_DAYS): self
    {
        return new self(TriggerKind::RunOut, limit: Guard::notNegative('leadDays', $leadDays));
    }

    /** @throws OutOfRange */
    public static function usage(UsedBy $by, float $limit): self
    {
        return new self(TriggerKind::Usage, of: $by->value, limit: Guard::positive('limit', $limit));
    }

    /** From an event on, every so many days, for a while: daily for a week after a move. @throws OutOfRange */
    public static function event(float $onDay, float $everyDays = 1, float $forDays = 7): self
    {
        return new self(
            TriggerKind::Event,
            onDay: $onDay,
            everyDays: Guard::positive('everyDays', $everyDays),
            forDays: Guard::positive('forDays', $forDays),
        );
    }

    public static function once(float $onDay): self
    {
        return new self(TriggerKind::Once, onDay: $onDay);
    }

    /** The days it gives; null: nothing asks for the job now. */
    public function window(TaskFacts $facts): ?Window
    {
        return match ($this->kind) {
            TriggerKind::Every => $this->byInterval($facts),
            TriggerKind::Weekdays => $this->byWeekday($facts),
            TriggerKind::Reading => $this->byReading($facts),
            TriggerKind::Sign => self::since($facts->signs[$this->of] ?? null, $facts),
            TriggerKind::RunOut => $this->byRunOut($facts),
            TriggerKind::Charge => $facts->chargeDueDay === null
                ? null
                : new Window(
                    $facts->chargeDueDay - self::WITHIN_DAYS,
                    $facts->chargeDueDay,
                    $facts->chargeDueDay + self::WITHIN_DAYS,
                ),
            TriggerKind::Usage => $this->byUsage($facts),
            TriggerKind::Event => $this->byEvent($facts),
            TriggerKind::Once => $facts->lastDoneDay === null || $facts->lastDoneDay < $this->onDay
                ? new Window((float) $this->onDay, (float) $this->onDay, $this->onDay + self::WITHIN_DAYS)
                : null,
        };
    }

    /** Will it never ask again? */
    public function isOver(TaskFacts $facts): bool
    {
        return match ($this->kind) {
            TriggerKind::Event => $this->byEvent($facts) === null,
            TriggerKind::Once => $this->window($facts) === null,
            default => false,
        };
    }

    /** Never done is due now, never “done today” (S-51). */
    private function byInterval(TaskFacts $facts): ?Window
    {
        if ($this->interval === null) {
            return null;
        }

        return $facts->lastDoneDay === null
            ? $this->interval->from($facts->today)
            : $this->interval->after($facts->lastDoneDay);
    }

    /** The first of its weekdays after the day it was last done; at the latest the day before the next one. */
    private function byWeekday(TaskFacts $facts): Window
    {
        $day = $facts->lastDoneDay === null ? $facts->today : floor($facts->lastDoneDay) + 1;
        while (! in_array(Weekday::of($day), $this->weekdays, true)) {
            $day++;
        }
        $next = $day + 1;
        while (! in_array(Weekday::of($next), $this->weekdays, true)) {
            $next++;
        }

        return new Window($day, $day, max($day, $next - 1));
    }

    private function byReading(TaskFacts $facts): ?Window
    {
        if ($this->stop !== null) {
            return $this->asNeeded($facts, $this->stop);
        }
        $reading = $facts->readings[$this->of] ?? null;
        if ($reading === null) {
            return null;
        }
        $isOut =
            ($this->below !== null && $reading['value'] < $this->below) ||
            ($this->above !== null && $reading['value'] > $this->above);

        return $isOut ? self::since($reading['day'], $facts) : null;
    }

    /** Begun by one reading, ended by another; in between every so many days. */
    private function asNeeded(TaskFacts $facts, float $stop): ?Window
    {
        $since = AsNeeded::since($facts->series[$this->of] ?? [], $this->below, $this->above, $stop);
        if ($since === null) {
            return null;
        }
        $due =
            $facts->lastDoneDay === null || $facts->lastDoneDay < $since
                ? $since
                : $facts->lastDoneDay + $this->everyDays;

        return new Window($due, $due, $due + max(0.0, $this->everyDays - 1));
    }

    private function byRunOut(TaskFacts $facts): ?Window
    {
        if ($facts->runOutDay === null) {
            return null;
        }
        $due = $facts->runOutDay - $this->limit;

        return new Window($due - $this->limit, $due, max($due, $facts->runOutDay - 1));
    }

    /** Due when it is used up; until then, on the day that today’s rate gives. */
    private function byUsage(TaskFacts $facts): ?Window
    {
        $left = $this->limit - ($facts->used[$this->of] ?? 0.0);
        $perDay = $facts->perDay[$this->of] ?? 0.0;
        if ($left <= 0) {
            return new Window($facts->today, $facts->today, $facts->today + self::WITHIN_DAYS);
        }
        if ($perDay <= 0) {
            return null;
        }
        $due = $facts->today + $left / $perDay;

        return new Window($facts->today + (0.8 * $left) / $perDay, $due, $due + self::WITHIN_DAYS);
    }

    private function byEvent(TaskFacts $facts): ?Window
    {
        $first = (float) $this->onDay;
        $due =
            $facts->lastDoneDay === null || $facts->lastDoneDay < $first
                ? $first
                : $facts->lastDoneDay + $this->everyDays;
        if ($due > $first + $this->forDays) {
            return null;
        }

        return new Window($due, $due, $due + max(0.0, $this->everyDays - 1));
    }

    private static function since(?float $day, TaskFacts $facts): ?Window
    {
        $isAnswered = $day === null || ($facts->lastDoneDay !== null && $facts->lastDoneDay >= $day);

        return $isAnswered ? null : new Window($day, $day, $day + self::WITHIN_DAYS);
    }
}
