<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\OutOfRange;

/** Reads a set-up from its document, schema 1: units in the names of keys, unknown keys refused, what is left out is not said. */
final class SetupReader
{
    public const SCHEMA = 1;

    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws OutOfRange that names the field
     */
    public static function read(array $document): Setup
    {
        $all = Fields::of($document, '');
        if ($all->number('schema') !== (float) self::SCHEMA) {
            throw $all->wrong('schema', Phrase::ThatSchema, ['schema' => (string) self::SCHEMA]);
        }
        $probes = self::probes($all);
        $outlets = $hung = [];
        foreach ($all->objects('outlets') as $one) {
            $outlet = self::in($one, fn (): Outlet => self::outlet($one, $probes));
            $outlets[] = $outlet;
            if ($one->has('hung')) {
                $hung[$outlet->id] = self::hung($one->object('hung'));
            }
            $one->noMore();
        }
        $guards = array_map(
            fn (Fields $g): Guard => self::in($g, fn (): Guard => self::guard($g, $probes)),
            $all->objects('guards'),
        );
        $alarms = array_map(fn (Fields $a): AlarmOf => self::alarm($a), $all->objects('alarms'));
        $names = $all->words('names');
        $facts = $all->has('facts') ? self::facts($all->object('facts')) : new KnownFacts();
        $all->noMore();

        return new Setup(new Programme($outlets, $guards, $facts->isSummer), $probes, $hung, $alarms, $names, $facts);
    }

    private static function facts(Fields $given): KnownFacts
    {
        $read = new KnownFacts(
            volumeL: $given->numberOrNull('volumeL', 0.1),
            lossWK: $given->numberOrNull('lossWK', 0.0),
            coldestC: $given->numberOrNull('coldestC'),
            hottestC: $given->numberOrNull('hottestC'),
            isSummer: $given->boolean('isSummer', false),
            backgroundW: $given->numberOrNull('backgroundW', 0.0),
            lowHarmC: $given->numberOrNull('lowHarmC'),
            highHarmC: $given->numberOrNull('highHarmC'),
            evaporationLd: $given->numberOrNull('evaporationLd', 0.0),
            helpMin: $given->numberOrNull('helpMin', 0.0),
            sumpL: $given->numberOrNull('sumpL', 0.1),
            returnL: $given->numberOrNull('returnL', 0.0),
            flowLh: $given->numberOrNull('flowLh', 0.0),
            alkDkh: $given->numberOrNull('alkDkh', 0.1),
            ph: $given->numberOrNull('ph', 6.5),
            hasClock: $given->has('hasClock') ? $given->boolean('hasClock', false) : null,
        );
        $given->noMore();

        return $read;
    }

    /**
     * One alarm alone.
     *
     * @param  array<array-key, mixed>  $document
     *
     * @throws OutOfRange that names the field
     */
    public static function alarmOf(array $document): AlarmOf
    {
        return self::alarm(Fields::of($document, 'alarm'));
    }

    /**
     * What a rule or a guard itself refuses is named with its place in the document.
     *
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     */
    private static function in(Fields $part, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (OutOfRange $e) {
            throw str_starts_with($e->field, $part->at('')) ? $e : $e->as($part->at($e->field));
        }
    }

    /** @return array<string, Probe> */
    private static function probes(Fields $all): array
    {
        $probes = [];
        foreach ($all->objects('probes') as $one) {
            $probe = new Probe(
                id: $one->text('id'),
                quantity: $one->text('quantity'),
                resolution: $one->number('resolution', 1e-9),
                drift: $one->numberOrNull('drift', 0.0),
                overdueDays: $one->numberOrNull('overdueDays'),
                dailyLow: $one->numberOrNull('dailyLow'),
                dailyHigh: $one->numberOrNull('dailyHigh'),
                historyDays: $one->number('historyDays', 0.0, 0.0),
                water: $one->textOrNull('water'),
            );
            $one->noMore();
            $probes[$probe->id] = $probe;
        }

        return $probes;
    }

    /** @param  array<string, Probe>  $probes */
    private static function outlet(Fields $one, array $probes): Outlet
    {
        $pauses = [];
        foreach ($one->map('pauses') as $group => $pause) {
            $level = $pause->levelOrNull('state') ?? throw $pause->wrong('state', Phrase::OnOffOrALevel2);
            $pauses[$group] = new PauseOf($level, $pause->number('s', 0.0), $pause->numberOrNull('timesADay', 0.0));
            $pause->noMore();
        }

        return new Outlet(
            id: $one->text('id'),
            place: $one->text('place'),
            rule: self::rule($one->object('rule'), $probes),
            lostLinkLevel: $one->levelOrNull('lostLink'),
            minimumOnS: $one->number('minimumOnS', 0.0, 0.0),
            minimumOffS: $one->number('minimumOffS', 0.0, 0.0),
            maximumOnS: $one->numberOrNull('maximumOnS', 0.0),
            afterMaximum: $one->choiceOrNull('afterMaximum', AfterMaximum::class) ?? AfterMaximum::Latch,
            restS: $one->number('restS', 0.0, 0.0),
            powerReturnS: $one->number('powerReturnS', 0.0, 0.0),
            pauses: $pauses,
            lostLinkSummerLevel: $one->levelOrNull('lostLinkSummer'),
            comesBack: $one->choiceOrNull('comesBack', ComesBack::class),
            isReversed: $one->boolean('reversed', false),
            override: $one->choiceOrNull('override', MayOverride::class),
        );
    }

    /** @param  array<string, Probe>  $probes */
    private static function rule(Fields $rule, array $probes): Rule
    {
        $read = match ($rule->text('kind')) {
            'on' => new Always(true),
            'off' => new Always(false),
            'hold' => new Hold(
                self::probe($rule, $probes),
                $rule->number('startAt'),
                $rule->number('stopAt'),
                $rule->choiceOrNull('blind', Blind::class),
            ),
            'day' => new Day(self::points($rule), $rule->boolean('ramp', false)),
            'follow' => new Follow(
                $rule->text('outlet'),
                $rule->boolean('inverse', false),
                $rule->number('onDelayS', 0.0, 0.0),
                $rule->number('offDelayS', 0.0, 0.0),
            ),
            'pulse' => new Pulse(
                $rule->numbers('minutes'),
                $rule->number('s', 0.0),
                $rule->number('mlPerMin', 0.0),
                $rule->numberOrNull('capMl', 0.0),
            ),
            'refill' => new Refill(
                low: $rule->text('low'),
                high: $rule->text('high'),
                store: $rule->textOrNull('store'),
                dryS: $rule->number('dryS', 0.0, 0.0),
                longestS: $rule->numberOrNull('longestS', 0.0),
                restS: $rule->number('restS', 0.0, 0.0),
                litresPerH: $rule->number('litresPerH', 0.0),
                mostL: $rule->numberOrNull('mostL', 0.0),
            ),
            'timed-run' => new TimedRun($rule->number('s', 0.0)),
            default => throw $rule->wrong('kind', Phrase::OnOffHoldDayFollowPulse),
        };
        $rule->noMore();

        return $read;
    }

    /** @param  array<string, Probe>  $probes */
    private static function probe(Fields $of, array $probes): string
    {
        $name = $of->text('probe');

        return isset($probes[$name]) ? $name : throw $of->wrong(
            'probe',
            Phrase::OneOf,
            ['list' => implode(', ', array_keys($probes))],
        );
    }

    /** @return non-empty-list<array{minute: float, level: float}> */
    private static function points(Fields $rule): array
    {
        $points = [];
        foreach ($rule->objects('points') as $point) {
            $points[] = ['minute' => $point->number('minute', 0.0), 'level' => $point->levelOrNull('level') ?? 0.0];
            $point->noMore();
        }

        return $points === [] ? throw $rule->wrong('points', Phrase::OnePointAtLeast) : $points;
    }

    private static function hung(Fields $hung): Hung
    {
        $read = new Hung(
            job: $hung->choice('job', Job::class),
            watts: $hung->number('watts', 0.0, 0.0),
            strip: $hung->textOrNull('strip'),
            water: $hung->textOrNull('water'),
            isLabelled: $hung->boolean('labelled', false),
            thermostatC: $hung->numberOrNull('thermostatC'),
            stripRatedW: $hung->numberOrNull('stripRatedW', 0.0),
            doses: $hung->choiceOrNull('doses', Liquid::class),
            testedDaysAgo: $hung->numberOrNull('testedDaysAgo', 0.0),
            fillsL: $hung->numberOrNull('fillsL', 0.1),
            spillTakesL: $hung->numberOrNull('spillTakesL', 0.0),
            line: new DoserLine(
                aboveMm: $hung->numberOrNull('vesselAboveMm'),
                hasBreak: $hung->has('lineBreak') ? $hung->boolean('lineBreak', false) : null,
                boreMm: $hung->numberOrNull('lineBoreMm', 0.1),
                lengthM: $hung->numberOrNull('lineLengthM', 0.0),
            ),
        );
        $hung->noMore();

        return $read;
    }

    /** @param  array<string, Probe>  $probes */
    private static function guard(Fields $guard, array $probes): Guard
    {
        $when = array_map(fn (Fields $c): Condition => self::condition($c, $probes), $guard->objects('when'));
        $read = new Guard(
            id: $guard->text('id'),
            outlet: $guard->text('outlet'),
            when: $when === [] ? throw $guard->wrong('when', Phrase::OneConditionAtLeast) : $when,
            forS: $guard->number('forS', 0.0, 0.0),
            level: $guard->levelOrNull('then') ?? 0.0,
            clears: $guard->has('clears') ? self::condition($guard->object('clears'), $probes) : null,
            rank: $guard->choice('rank', GuardRank::class),
            blind: $guard->choiceOrNull('blind', Blind::class),
        );
        $guard->noMore();

        return $read;
    }

    /** @param  array<string, Probe>  $probes */
    private static function condition(Fields $condition, array $probes): Condition
    {
        $above = $condition->numberOrNull('above');
        $below = $condition->numberOrNull('below');
        $isSwitch = $condition->has('switch');
        if (($above !== null ? 1 : 0) + ($below !== null ? 1 : 0) + ($isSwitch ? 1 : 0) !== 1) {
            throw OutOfRange::field($condition->at(''), Phrase::AConditionIsOneThing, Phrase::AProbeAboveOrBelow)
                ->as(rtrim($condition->at(''), '.'));
        }
        $read = match (true) {
            $isSwitch => Condition::closed($condition->text('switch'), $condition->boolean('closed', true)),
            $above !== null => Condition::above(self::probe($condition, $probes), $above),
            default => Condition::below(self::probe($condition, $probes), (float) $below),
        };
        $condition->noMore();

        return $read;
    }

    private static function alarm(Fields $alarm): AlarmOf
    {
        $read = new AlarmOf(
            id: $alarm->text('id'),
            probe: $alarm->textOrNull('probe'),
            act: $alarm->textOrNull('act'),
            low: $alarm->numberOrNull('low'),
            high: $alarm->numberOrNull('high'),
            calls: (int) $alarm->number('calls', 0.0, 0.0),
            testedDaysAgo: $alarm->numberOrNull('testedDaysAgo', 0.0),
            delayS: $alarm->number('delayS', 0.0, AlarmOf::DELAY_S),
            ratePerH: $alarm->numberOrNull('ratePerH', 1e-9),
            isFrozen: $alarm->boolean('frozen', false),
            switch: $alarm->textOrNull('switch'),
            closed: $alarm->boolean('closed', true),
            outlet: $alarm->textOrNull('outlet'),
            mostW: $alarm->numberOrNull('mostW', 0.0),
            isSilence: $alarm->boolean('silence', false),
            message: $alarm->textOrNull('message'),
        );
        $watches = array_filter([$read->probe, $read->act, $read->switch, $read->outlet, $read->isSilence ? 'silence' : null]);
        if (count($watches) !== 1) {
            throw $alarm->wrong('probe', Phrase::OneOfProbe);
        }
        $alarm->noMore();

        return $read;
    }
}
