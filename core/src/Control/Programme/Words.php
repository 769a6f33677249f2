<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

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
            $rule instanceof Always => Sentence::of($rule->isOn ? 'on' : 'off'),
            $rule instanceof Hold => $this->hold($rule),
            $rule instanceof Day => $this->day($rule),
            $rule instanceof Follow => $this->follow($rule),
            $rule instanceof Pulse => $this->pulse($rule),
            $rule instanceof Refill => $this->refill($rule),
            $rule instanceof TimedRun => Sentence::of('on for {s} at the press of a button', ['s' => self::time($rule->lengthS)]),
            default => Sentence::of($rule->kind()),
        };
    }

    /** What an outlet does when its strip hears nothing more. */
    public function lostLink(Outlet $outlet): Sentence
    {
        return match (true) {
            $outlet->lostLinkLevel === null => Sentence::of('nobody has said'),
            $outlet->lostLinkLevel <= 0 => Sentence::of('off'),
            $outlet->lostLinkLevel >= 1 => Sentence::of('on'),
            default => Sentence::of('{level}', ['level' => self::share($outlet->lostLinkLevel)]),
        };
    }

    /** @return list<Sentence> least and most times, delays, pauses */
    public function manners(Outlet $outlet): array
    {
        $times = [
            ['on for {s} at least', $outlet->minimumOnS],
            ['off for {s} at least', $outlet->minimumOffS],
            ['on for {s} at most, then it '.$this->after($outlet), $outlet->maximumOnS ?? 0.0],
            ['waits {s} when power returns', $outlet->powerReturnS],
        ];
        $said = [];
        foreach ($times as [$words, $s]) {
            if ($s > 0) {
                $said[] = Sentence::of($words, ['s' => self::time($s)]);
            }
        }
        foreach ($outlet->pauses as $group => $pause) {
            $said[] = Sentence::of('{group}: {level} for {s}', [
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
        $when = [];
        foreach ($guard->when as $n => $condition) {
            $when[] = $this->condition($condition, "w{$n}", $parts);
        }
        $clears = $guard->clears === null
            ? 'somebody looks before it works again'
            : 'until '.$this->condition($guard->clears, 'c', $parts);
        $for = $guard->forS > 0 ? ' for {for}' : '';

        return Sentence::of('{does} when '.implode(' and ', $when).$for.'; '.$clears, $parts);
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
            $alarm->isSilence => 'nothing is heard',
            $alarm->act !== null => '{of} acts',
            $alarm->switch !== null => '{of} is '.($alarm->closed ? 'wet' : 'dry'),
            $alarm->outlet !== null => '{of} draws '.($alarm->mostW === null ? 'nothing while it is on' : 'too much'),
            $alarm->isFrozen => '{of} does not move at all',
            $alarm->ratePerH !== null => '{of} moves too fast',
            $alarm->low !== null && $alarm->high !== null => '{of} is below {low} or above {high}',
            $alarm->low !== null => '{of} is below {low}',
            $alarm->high !== null => '{of} is above {high}',
            default => '{of}: nobody has said at which limit',
        };

        return Sentence::of($alarm->act === null && $alarm->delayS > 0 ? "{$sees} for {delay}" : $sees, $parts);
    }

    private function after(Outlet $outlet): string
    {
        return match ($outlet->afterMaximum) {
            AfterMaximum::Rest => 'rests',
            AfterMaximum::Latch => 'waits for somebody to look',
            AfterMaximum::Tell => 'only tells',
        };
    }

    private function hold(Hold $rule): Sentence
    {
        $parts = ['start' => $this->value($rule->startAt, $rule->probe), 'stop' => $this->value($rule->stopAt, $rule->probe)];

        return $rule->raises()
            ? Sentence::of('starts below {start}, stops at {stop}', $parts)
            : Sentence::of('starts above {start}, stops at {stop}', $parts);
    }

    private function day(Day $rule): Sentence
    {
        $parts = [];
        $words = [];
        foreach ($rule->points as $n => $point) {
            $parts["t{$n}"] = self::clock($point['minute']);
            $parts["l{$n}"] = $point['level'] <= 0 ? 'off' : ($point['level'] >= 1 ? 'on' : self::share($point['level']));
            $words[] = "{l{$n}} at {t{$n}}";
        }

        return Sentence::of(($rule->isRamp ? 'rises and falls: ' : '').implode(', ', $words), $parts);
    }

    private function follow(Follow $rule): Sentence
    {
        $delays = array_filter([
            $rule->onDelayS > 0 ? '{on} later' : null,
            $rule->offDelayS > 0 ? 'off {off} after it' : null,
        ]);

        return Sentence::of(
            ($rule->isInverse ? 'on while {leader} is off' : 'follows {leader}').($delays === [] ? '' : ', '.implode(', ', $delays)),
            [
                'leader' => $this->setup->place($rule->outlet),
                'on' => self::time($rule->onDelayS),
                'off' => self::time($rule->offDelayS),
            ],
        );
    }

    private function pulse(Pulse $rule): Sentence
    {
        return Sentence::of(
            $rule->capMl === null ? '{n} doses of {ml} a day' : '{n} doses of {ml} a day, {cap} in 24 h at most',
            [
                'n' => (string) count($rule->minutes),
                'ml' => self::ml($rule->pulseMl()),
                'cap' => self::ml($rule->capMl ?? 0.0),
            ],
        );
    }

    private function refill(Refill $rule): Sentence
    {
        return Sentence::of(
            'fills when low for {dry}, until high'.($rule->longestS === null ? '' : ', {longest} at most').
                ($rule->mostL === null ? '' : ', {most} in 24 h at most'),
            [
                'dry' => self::time($rule->dryS),
                'longest' => self::time($rule->longestS ?? 0.0),
                'most' => Quantity::of($rule->mostL ?? 0.0, Kind::Volume),
            ],
        );
    }

    /** @param  array<string, string|Quantity>  $parts */
    private function condition(Condition $condition, string $name, array &$parts): string
    {
        if ($condition->switch !== null) {
            $parts[$name] = $this->setup->nameOf($condition->switch);

            return "{{$name}} is ".($condition->closed ? 'wet' : 'dry');
        }
        $parts[$name] = $this->value((float) $condition->limit, (string) $condition->probe);

        return ($condition->above ? 'above' : 'below')." {{$name}}";
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
