<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** A set-up in plain sentences: what an outlet does, what stops it, what it does without its link. */
final readonly class Words
{
    public function __construct(private Setup $setup)
    {
    }

    /** What the rule of an outlet says. */
    public function rule(Outlet $outlet): Sentence
    {
        $rule = $outlet->rule;

        return match (true) {
            $rule instanceof Always => Sentence::of($rule->isOn ? Phrase::On : Phrase::Off),
            $rule instanceof Hold => $this->hold($rule),
            $rule instanceof Day => $this->day($rule),
            $rule instanceof Follow => $this->follow($rule),
            $rule instanceof Pulse => $this->pulse($rule),
            $rule instanceof Refill => $this->refill($rule),
            $rule instanceof TimedRun => Sentence::of(Phrase::OnForAtThePress, ['s' => self::time($rule->lengthS)]),
            default => Sentence::of(Phrase::Kind, ['kind' => $rule->kind()]),
        };
    }

    /** What an outlet does when its strip hears nothing more. */
    public function lostLink(Outlet $outlet): Sentence
    {
        $summer = $outlet->lostLinkSummerLevel;
        if ($summer === null || $summer === $outlet->lostLinkLevel) {
            return self::without($outlet->lostLinkLevel);
        }

        return Sentence::of(Phrase::InSummer, [
            'winter' => self::without($outlet->lostLinkLevel),
            'summer' => self::without($summer),
        ]);
    }

    private static function without(?float $level): Sentence
    {
        return match (true) {
            $level === null => Sentence::of(Phrase::NobodyHasSaid),
            $level <= 0 => Sentence::of(Phrase::Off),
            $level >= 1 => Sentence::of(Phrase::On),
            default => Sentence::of(Phrase::Level, ['level' => self::share($level)]),
        };
    }

    /** @return list<Sentence> least and most times, delays, pauses */
    public function manners(Outlet $outlet): array
    {
        $said = [];
        foreach (
            [
                [Phrase::OnForAtLeast, $outlet->minimumOnS],
                [Phrase::OffForAtLeast, $outlet->minimumOffS],
                [self::atMost($outlet), $outlet->maximumOnS ?? 0.0],
                [Phrase::WaitsWhenPowerReturns, $outlet->powerReturnS],
            ] as [$words, $s]
        ) {
            if ($s > 0) {
                $said[] = Sentence::of($words, ['s' => self::time($s)]);
            }
        }
        if ($outlet->override !== null) {
            $said[] = Sentence::of(Phrase::OverriddenBy, ['who' => $outlet->override->label()]);
        }
        foreach ($outlet->pauses as $group => $pause) {
            $said[] = Sentence::of(Phrase::GroupLevelForS, [
                'group' => $group,
                'level' => $pause->level <= 0 ? 'off' : ($pause->level >= 1 ? 'on' : self::share($pause->level)),
                's' => self::time($pause->lengthS),
            ]);
        }

        return $said;
    }

    /** What a guard does, and when. */
    public function guard(Guard $guard): Sentence
    {
        $parts = [
            'does' => $guard->level <= 0 ? 'off' : ($guard->level >= 1 ? 'on' : self::share($guard->level)),
            'for' => self::time($guard->forS),
        ];
        $parts['when'] = Sentence::listed(Phrase::ThisAndThat, ...array_map($this->condition(...), $guard->when));
        $parts['clears'] = $guard->clears === null
            ? Sentence::of(Phrase::SomebodyLooksBeforeItWorksAgain)
            : Sentence::of(Phrase::UntilIt, ['it' => $this->condition($guard->clears)]);

        return $guard->forS > 0
            ? Sentence::of(Phrase::WhenFor, $parts)
            : Sentence::of(Phrase::DoesWhenWhenClears, $parts);
    }

    /** What an alarm watches, and how long it waits. */
    public function alarm(AlarmOf $alarm): Sentence
    {
        $parts = [
            'of' => $this->setup->nameOf($alarm->probe ?? $alarm->switch ?? $alarm->outlet ?? $alarm->act ?? ''),
            'delay' => self::time($alarm->delayS),
        ];
        foreach (['low' => $alarm->low, 'high' => $alarm->high] as $name => $limit) {
            $parts[$name] = $limit === null ? '' : $this->value($limit, (string) $alarm->probe);
        }
        $sees = match (true) {
            $alarm->isSilence => Phrase::NothingIsHeard,
            $alarm->act !== null => Phrase::OfActs,
            $alarm->switch !== null => $alarm->closed ? Phrase::IsWet : Phrase::IsDry,
            $alarm->outlet !== null => $alarm->mostW === null ? Phrase::DrawsNothingWhileItIsOn : Phrase::DrawsTooMuch,
            $alarm->isFrozen => Phrase::DoesNotMoveAtAll,
            $alarm->ratePerH !== null => Phrase::MovesTooFast,
            $alarm->low !== null && $alarm->high !== null => Phrase::IsBelowOrAbove,
            $alarm->low !== null => Phrase::IsBelow,
            $alarm->high !== null => Phrase::IsAbove,
            default => Phrase::NobodyHasSaidAtWhichLimit,
        };

        return $alarm->act === null && $alarm->delayS > 0
            ? Sentence::of(Phrase::SeesForDelay, [...$parts, 'sees' => Sentence::of($sees, $parts)])
            : Sentence::of($sees, $parts);
    }

    private static function atMost(Outlet $outlet): Phrase
    {
        return match ($outlet->afterMaximum) {
            AfterMaximum::Rest => Phrase::OnForAtMost,
            AfterMaximum::Latch => Phrase::OnForAtMostThen,
            AfterMaximum::Tell => Phrase::OnForAtMostThenIt,
        };
    }

    private function hold(Hold $rule): Sentence
    {
        $parts = ['start' => $this->value($rule->startAt, $rule->probe), 'stop' => $this->value($rule->stopAt, $rule->probe)];

        return $rule->raises()
            ? Sentence::of(Phrase::StartsBelowStopsAt, $parts)
            : Sentence::of(Phrase::StartsAboveStopsAt, $parts);
    }

    private function day(Day $rule): Sentence
    {
        $points = [];
        foreach ($rule->points as $point) {
            $points[] = Sentence::of(Phrase::LevelAtTime, [
                'level' => $point['level'] <= 0 ? 'off' : ($point['level'] >= 1 ? 'on' : self::share($point['level'])),
                'time' => self::clock($point['minute']),
            ]);
        }
        $all = Sentence::listed(Phrase::OneAfterTheOther, ...$points);

        return $rule->isRamp ? Sentence::of(Phrase::RisesAndFalls, ['points' => $all]) : $all;
    }

    private function follow(Follow $rule): Sentence
    {
        $parts = [
            'leader' => $this->setup->place($rule->outlet),
            'on' => self::time($rule->onDelayS),
            'off' => self::time($rule->offDelayS),
        ];
        $said = [Sentence::of($rule->isInverse ? Phrase::OnWhileIsOff : Phrase::FollowsLeader, $parts)];
        if ($rule->onDelayS > 0) {
            $said[] = Sentence::of(Phrase::OnLater, $parts);
        }
        if ($rule->offDelayS > 0) {
            $said[] = Sentence::of(Phrase::OffAfterIt, $parts);
        }

        return Sentence::listed(Phrase::OneAfterTheOther, ...$said);
    }

    private function pulse(Pulse $rule): Sentence
    {
        return Sentence::of(
            $rule->capMl === null ? Phrase::DosesOfADay : Phrase::DosesOfADayIn,
            [
                'n' => (string) count($rule->minutes),
                'ml' => self::ml($rule->pulseMl()),
                'cap' => self::ml($rule->capMl ?? 0.0),
            ],
        );
    }

    private function refill(Refill $rule): Sentence
    {
        $said = [Sentence::of(Phrase::FillsWhenLow, ['dry' => self::time($rule->dryS)])];
        if ($rule->longestS !== null) {
            $said[] = Sentence::of(Phrase::AtMost, ['longest' => self::time($rule->longestS)]);
        }
        if ($rule->mostL !== null) {
            $said[] = Sentence::of(Phrase::In24HAtMost, ['most' => Quantity::of($rule->mostL, Kind::Volume)]);
        }

        return Sentence::listed(Phrase::OneAfterTheOther, ...$said);
    }

    private function condition(Condition $condition): Sentence
    {
        if ($condition->switch !== null) {
            $of = ['of' => $this->setup->nameOf($condition->switch)];

            return $condition->closed ? Sentence::of(Phrase::IsWet, $of) : Sentence::of(Phrase::IsDry, $of);
        }
        $limit = ['limit' => $this->value((float) $condition->limit, (string) $condition->probe)];

        return $condition->above ? Sentence::of(Phrase::AboveLimit, $limit) : Sentence::of(Phrase::BelowLimit, $limit);
    }

    private function value(float $value, string $probe): string|Quantity
    {
        $of = $this->setup->probes[$probe] ?? null;

        return $of === null ? (string) $value : Objection::value($value, $of);
    }

    private static function time(float $s): string
    {
        return match (true) {
            $s >= 7200 => round($s / 3600, 1).' h',
            $s >= 120 => round($s / 60, 1).' min',
            default => round($s).' s',
        };
    }

    private static function ml(float $ml): string
    {
        return rtrim(rtrim(number_format($ml, 1, '.', ''), '0'), '.').' mL';
    }

    private static function share(float $level): string
    {
        return round(100 * $level).' %';
    }

    private static function clock(float $minute): string
    {
        return sprintf('%02d:%02d', intdiv((int) $minute, 60), (int) $minute % 60);
    }
}
