<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Control\Programme\Correction;
use Velbrin\Core\Control\Programme\SeenByPh;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Tests\Turns;

/** Each row of the checker both ways: a set-up it finds nothing in, and one small change that it finds. */
final class CheckerTest extends TestCase
{
    use Turns;

    /** A set-up nobody has to object to. @return array<string, mixed> */
    public static function sound(): array
    {
        $outlet = fn (string $id, string $place, string $job, array $rule, string $lost, array $more = []): array => [
            'id' => $id,
            'place' => $place,
            'rule' => $rule,
            'lostLink' => $lost,
            'hung' => ['job' => $job, 'watts' => 100, 'labelled' => true] + ($more['hung'] ?? []),
        ] + array_diff_key($more, ['hung' => 1]);
        $feeding = fn (string $state, float $s): array => ['pauses' => ['feeding' => ['state' => $state, 's' => $s, 'timesADay' => 3]]];

        return [
            'schema' => 1,
            'probes' => [
                ['id' => 't1', 'quantity' => 'temperature', 'resolution' => 0.1, 'overdueDays' => -30, 'water' => 'sump',
                    'dailyLow' => 25.2, 'dailyHigh' => 25.9, 'historyDays' => 14],
                ['id' => 't2', 'quantity' => 'temperature', 'resolution' => 0.1, 'overdueDays' => -30],
            ],
            'outlets' => [
                $outlet('heater1', 'heater 1, sump', 'heater', ['kind' => 'hold', 'probe' => 't1', 'startAt' => 25.3,
                    'stopAt' => 25.6, 'blind' => 'off'], 'on', ['lostLinkSummer' => 'off', 'hung' => ['strip' => 'A',
                        'water' => 'sump', 'thermostatC' => 27.0, 'stripRatedW' => 2000]] + $feeding('off', 600)),
                $outlet('heater2', 'heater 2, sump', 'heater', ['kind' => 'hold', 'probe' => 't1', 'startAt' => 25.0,
                    'stopAt' => 25.4, 'blind' => 'off'], 'on', ['lostLinkSummer' => 'off', 'hung' => ['strip' => 'B',
                        'water' => 'sump', 'stripRatedW' => 2000]] + $feeding('off', 600)),
                $outlet('chiller', 'chiller', 'chiller', ['kind' => 'hold', 'probe' => 't1', 'startAt' => 26.6,
                    'stopAt' => 26.2, 'blind' => 'off'], 'off', ['minimumOffS' => 300, 'powerReturnS' => 240]),
                $outlet('return', 'return pump', 'return-pump', ['kind' => 'on'], 'on',
                    ['powerReturnS' => 10] + $feeding('off', 600)),
                $outlet('stream', 'stream pump', 'circulation-pump', ['kind' => 'on'], 'on', ['powerReturnS' => 20]),
                $outlet('skimmer', 'skimmer', 'skimmer', ['kind' => 'follow', 'outlet' => 'return',
                    'onDelayS' => 300], 'off', ['powerReturnS' => 400] + $feeding('off', 1200)),
                $outlet('topoff', 'top-off', 'top-off', ['kind' => 'refill', 'low' => 'low', 'high' => 'high',
                    'dryS' => 5, 'longestS' => 120, 'restS' => 600, 'litresPerH' => 60, 'mostL' => 8], 'off', $feeding('off', 900)),
                $outlet('alk', 'alkalinity', 'doser', ['kind' => 'pulse', 'minutes' => [60, 600], 's' => 30,
                    'mlPerMin' => 20, 'capMl' => 40], 'off', ['hung' => ['doses' => 'carbonate', 'vesselAboveMm' => -200]]),
            ],
            'guards' => [
                ['id' => 'hot', 'outlet' => 'heater1', 'when' => [['probe' => 't1', 'above' => 26.5]], 'forS' => 60,
                    'then' => 'off', 'rank' => 'animals', 'blind' => 'off'],
            ],
            'alarms' => [
                ['id' => 'too warm', 'probe' => 't2', 'high' => 27.5, 'calls' => 2, 'testedDaysAgo' => 20],
                ['id' => 'too cold', 'probe' => 't2', 'low' => 23.4, 'calls' => 2, 'testedDaysAgo' => 20],
                ['id' => 'heater cut', 'act' => 'hot', 'calls' => 3, 'testedDaysAgo' => 180],
                ['id' => 'wet floor', 'switch' => 'floor', 'calls' => 2, 'testedDaysAgo' => 20],
                ['id' => 'silent', 'silence' => true, 'calls' => 2, 'testedDaysAgo' => 20],
                ['id' => 'heater 1 dead', 'outlet' => 'heater1', 'calls' => 2, 'testedDaysAgo' => 20],
                ['id' => 'heater 2 dead', 'outlet' => 'heater2', 'calls' => 2, 'testedDaysAgo' => 20],
            ],
            'facts' => ['volumeL' => 430, 'lossWK' => 20, 'coldestC' => 12, 'hottestC' => 27, 'backgroundW' => 60,
                'lowHarmC' => 18, 'highHarmC' => 30,
                'evaporationLd' => 6, 'helpMin' => 120, 'sumpL' => 60, 'returnL' => 0.5, 'flowLh' => 3000, 'alkDkh' => 8, 'ph' => 8.2],
        ];
    }

    /**
     * The top-off as a line from the mains: 15 L/h into 25 L between its levels, so 100 min, a fifth more counted in: two hours.
     *
     * @param  array<string, mixed>  $rule
     * @return \Closure(array<string, mixed>): array<string, mixed>
     */
    private static function line(array $rule, ?float $fillsL = 25.0): \Closure
    {
        return function (array $s) use ($rule, $fillsL): array {
            $s['outlets'][6]['rule'] = $rule + ['litresPerH' => 15] + $s['outlets'][6]['rule'];
            $s['outlets'][6]['hung'] = ['job' => 'ro-unit', 'fillsL' => $fillsL] + $s['outlets'][6]['hung'];

            return $s;
        };
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $change */
    private static function codes(\Closure $change): array
    {
        return array_map(fn (Finding $f): string => "{$f->code} {$f->subject}",
            Checker::check(SetupReader::read($change(self::sound()))));
    }

    #[Test]
    public function a_sound_set_up_is_objected_to_by_nobody(): void
    {
        self::assertSame([], self::codes(fn (array $s): array => $s));
    }

    #[Test]
    public function a_quantity_nobody_tracks_raises_nothing_nor_does_a_probe_that_drives_nothing(): void
    {
        foreach (['ph', 'salinity', 'oxygen'] as $quantity) {
            $probe = ['id' => 'more', 'quantity' => $quantity, 'resolution' => 0.01, 'overdueDays' => 1];
            $with = fn (array $s): array => [...$s, 'probes' => [...$s['probes'], $probe]];
            $tracked = array_filter(self::sound()['probes'], fn (array $p): bool => $p['quantity'] === $quantity);
            self::assertSame([], $tracked, "nobody tracks {$quantity} in the sound one, and nobody objects");
            self::assertSame([], self::codes($with), $quantity);
        }
    }

    #[Test]
    public function an_alarm_between_the_first_and_a_backup_tells_that_the_first_has_failed(): void
    {
        $alarm = fn (array $limit): array => array_values(array_filter(
            self::codes(fn (array $s): array => [
                ...$s,
                'outlets' => [
                    ...$s['outlets'],
                    ['id' => 'backup', 'place' => 'chiller 2', 'lostLink' => 'off', 'minimumOffS' => 300, 'powerReturnS' => 500,
                        'rule' => ['kind' => 'hold', 'probe' => 't1', 'startAt' => 27.4, 'stopAt' => 27.0, 'blind' => 'off'],
                        'hung' => ['job' => 'chiller', 'watts' => 100, 'labelled' => true]],
                ],
                'alarms' => [...$s['alarms'], ['id' => 'new', 'probe' => 't1', 'calls' => 2, 'testedDaysAgo' => 20] + $limit],
            ]),
            fn (string $code): bool => $code === 'K-20c new',
        ));
        // Two chillers begin at 26.6 and 27.4, two heaters at 25.3 and 25.0; they hold up to 25.6.
        self::assertSame([['K-20c new'], []], [$alarm(['high' => 26.6]), $alarm(['high' => 26.7])]);
        self::assertSame([['K-20c new'], []], [$alarm(['low' => 25.3]), $alarm(['low' => 25.2])]);
    }

    #[Test]
    public function nobody_is_told_of_a_rise_beyond_thirty_dkh(): void
    {
        $rise = fn (float $limit): ?float => SeenByPh::riseDkh(Liquid::Carbonate, 8, 8.2, $limit);
        $last = self::turning(fn (float $limit): bool => $rise($limit) !== null, 8.3, 9.6);
        self::assertEqualsWithDelta(30.0, $rise($last), 0.05);
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $change */
    #[Test]
    #[DataProvider('changes')]
    public function each_row_finds_its_own_change_and_nothing_else(string $found, \Closure $change): void
    {
        self::assertSame([$found], self::codes($change));
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $change */
    #[Test]
    #[DataProvider('justInside')]
    public function just_inside_a_limit_nobody_objects(\Closure $change): void
    {
        self::assertSame([], self::codes($change));
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function changes(): iterable
    {
        $outlet = fn (int $n, array $with): \Closure => fn (array $s): array => array_replace_recursive($s,
            ['outlets' => [$n => $with]]);
        $probe = fn (array $with): \Closure => fn (array $s): array => array_replace_recursive($s, ['probes' => [0 => $with]]);
        $without = function (string $list, int $n, string $key): \Closure {
            return function (array $s) use ($list, $n, $key): array {
                unset($s[$list][$n][$key]);

                return $s;
            };
        };
        yield 'K-20a: heating stops where cooling runs' => ['K-20a heater1', $outlet(0, ['rule' => ['stopAt' => 26.2]])];
        yield 'K-20b: a band of less than two steps' => ['K-20b heater1', $outlet(0, ['rule' => ['stopAt' => 25.49]])];
        $alarm = fn (int $n, array $with): \Closure => fn (array $s): array => array_replace_recursive($s, ['alarms' => [$n => $with]]);
        yield 'K-20c: a low alarm where the first heater begins' => ['K-20c too cold', $alarm(1, ['probe' => 't1', 'low' => 25.3])];
        yield 'K-20c: a high alarm where cooling begins' => ['K-20c too warm', fn (array $s): array => array_replace_recursive($s, [
            'alarms' => [0 => ['probe' => 't1', 'high' => 26.6]],
            'guards' => [0 => ['when' => [0 => ['above' => 26.4]]]],
        ])];
        yield 'K-20e: a guard within the day' => ['K-20e hot', fn (array $s): array => array_replace_recursive($s,
            ['guards' => [0 => ['when' => [0 => ['above' => 26.39]]]]])];
        yield 'K-20e: a low guard within the day' => [
            'K-20e hot',
            fn (array $s): array => array_replace_recursive($s, ['guards' => [0 => ['when' => [0 => ['above' => null,
                'below' => 24.71]]]]]),
        ];
        yield 'K-20e: a day nobody knows yet' => ['K-20e hot', $probe(['historyDays' => 6.9])];
        yield 'K-20f: a guard nobody hears of' => ['K-20f hot', fn (array $s): array => array_replace_recursive($s,
            ['alarms' => [2 => ['act' => 'another']]])];
        yield 'K-20i: both heaters on one strip' => ['K-20i A', $outlet(1, ['hung' => ['strip' => 'A']])];
        yield 'K-20k: nobody has said' => ['K-20k stream', $without('outlets', 4, 'lostLink')];
        yield 'K-20k: a top-off that stays on' => ['K-20k topoff', $outlet(6, ['lostLink' => 'on'])];
        yield 'K-20k: a return that stands still' => ['K-20k return', $outlet(3, ['lostLink' => 'off'])];
        yield 'K-20k: a lamp that stays lit' => [
            'K-20k lamp',
            fn (array $s): array => array_replace_recursive(self::lamp($s, 600), ['outlets' => [8 => ['lostLink' => 'on']]]),
        ];
        yield 'X-26: a skimmer that goes on by itself' => ['X-26 skimmer', $outlet(5, ['lostLink' => 'on'])];
        yield 'X-26: in summer only' => ['X-26 skimmer', $outlet(5, ['lostLinkSummer' => 'on'])];
        yield 'K-20l: a refill without an end' => ['K-20l topoff', function (array $s): array {
            unset($s['outlets'][6]['rule']['longestS']);

            return $s;
        }];
        yield 'K-20n: a skimmer back with the pump' => ['K-20n skimmer', $outlet(5, ['pauses' => ['feeding' => ['s' => 600]]])];
        yield 'K-20q: a compressor without rest' => ['K-20q chiller', $outlet(2, ['minimumOffS' => 299])];
        yield 'K-20s: one person' => ['K-20s too warm', fn (array $s): array => array_replace_recursive($s,
            ['alarms' => [0 => ['calls' => 1]]])];
        yield 'K-20t: tested too long ago' => ['K-20t heater cut',
            fn (array $s): array => array_replace_recursive($s, ['alarms' => [2 => ['testedDaysAgo' => 181]]])];
        yield 'K-20c: a high alarm where heating stops' => ['K-20c too warm', function (array $s): array {
            array_splice($s['outlets'], 2, 1);

            return array_replace_recursive($s, ['alarms' => [0 => ['probe' => 't1', 'high' => 25.6]]]);
        }];
        yield 'K-20s: nobody' => ['K-20s too warm', $alarm(0, ['calls' => 0])];
        yield 'K-20t: never' => ['K-20t too warm', $without('alarms', 0, 'testedDaysAgo')];
        yield 'K-20u: no label' => ['K-20u alk', $outlet(7, ['hung' => ['labelled' => false]])];
        yield 'K-20w: two in one moment' => ['K-20w 20', $outlet(3, ['powerReturnS' => 20])];
        yield 'K-20x: guards against each other' => ['K-20x hot', function (array $s): array {
            $s['guards'][] = ['id' => 'cold', 'then' => 'on', 'when' => [['probe' => 't1', 'below' => 24.5]]] + $s['guards'][0];
            $s['alarms'][] = ['id' => 'cold acts', 'act' => 'cold'] + $s['alarms'][2];

            return $s;
        }];
        yield 'K-20y: a heater in still water' => ['K-20y heater2', function (array $s): array {
            unset($s['outlets'][1]['pauses']);

            return $s;
        }];
        $with = fn (array $more): \Closure => fn (array $s): array => array_replace_recursive($s, $more);
        yield 'K-20d: help takes longer than harm' => ['K-20d too cold', $with(['facts' => ['helpMin' => 640]])];
        yield 'K-20d: an alarm where harm is' => ['K-20d too cold', $with(['alarms' => [1 => ['low' => 18]]])];
        yield 'K-20g: nobody hears that it cools' => ['K-20g temperature low', $with(['alarms' => [1 => ['low' => null, 'high' => 28.5]]])];
        yield 'K-20g: nobody hears that it overheats' => [
            'K-20g temperature high',
            $with(['alarms' => [0 => ['high' => null, 'low' => 23.5]]]),
        ];
        yield 'K-20g: nobody hears of a wet floor' => ['K-20g floor', function (array $s): array {
            array_splice($s['alarms'], 3, 1);

            return $s;
        }];
        yield 'K-20g: silence is heard by nobody' => ['K-20g silence', function (array $s): array {
            array_splice($s['alarms'], 4, 1);

            return $s;
        }];
        yield 'K-20j: more than the strip carries' => ['K-20j A', $outlet(0, ['lostLink' => 'off', 'hung' => ['watts' => 2001]])];
        yield 'K-13: a heater left on in a hot summer' => ['K-13 heater1', $outlet(0, ['lostLinkSummer' => 'on'])];
        yield 'K-20p: a lamp that flickers' => ['K-20p lamp', fn (array $s): array => self::lamp($s, 599)];
        yield 'K-20v: a dose while clocks are changed' => ['K-20v alk', function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [61, 600];

            return $s;
        }];
        yield 'K-20v: a dose just before they are set again' => ['K-20v alk', function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [179, 600];

            return $s;
        }];
        yield 'K-48: nothing but the relay itself' => ['K-48 hot', function (array $s): array {
            unset($s['outlets'][0]['hung']['thermostatC']);

            return $s;
        }];
        yield 'K-49: a guard that acts after harm' => ['K-49 hot', $with(['facts' => ['highHarmC' => 26.9]])];
        yield 'K-50: a guard that clears by itself' => ['K-50 hot', $with(['guards' => [0 => ['clears' => ['probe' => 't1',
            'below' => 25.5]]]])];
        yield 'K-51: a dead heater nobody hears of' => ['K-51 heater2', function (array $s): array {
            array_splice($s['alarms'], 6, 1);

            return $s;
        }];
        yield 'K-54: an alarm nearer than both instruments' => ['K-54 hot', $with(['alarms' => [0 => ['high' => 27.49]]])];
        yield 'K-55: a relay worn in three years' => ['K-55 heater1', $outlet(0, ['lostLink' => 'off', 'hung' => ['watts' => 1990],
            'rule' => ['stopAt' => 25.51]])];
        yield 'K-56: one run too long' => ['K-56 topoff', $outlet(6, ['rule' => ['longestS' => 388]])];
        yield 'K-56: a day too much' => ['K-56 topoff, a day', $outlet(6, ['rule' => ['mostL' => 12.1]])];
        $siphon = fn (array $line): \Closure => function (array $s) use ($line): array {
            $s['outlets'][7]['hung'] = $line + ['vesselAboveMm' => null] + $s['outlets'][7]['hung'];

            return $s;
        };
        yield 'C-58: a vessel over the end of its line' => ['C-58 alk', $siphon(['vesselAboveMm' => 1, 'lineBreak' => false])];
        yield 'C-58: nobody knows of a break' => ['C-58 alk', $siphon(['vesselAboveMm' => 200])];
        yield 'C-58: nobody knows how high it stands' => ['C-58 alk', $siphon(['lineBreak' => false])];
        yield 'W-63: a line longer than its store' => ['W-63 topoff', self::line(['longestS' => 7201])];
        yield 'W-63: nobody knows its store' => ['W-63 topoff', self::line(['longestS' => 60], null)];
        yield 'K-57: a top-off that looks in the pause' => ['K-57 topoff', $outlet(6, ['pauses' => ['feeding' => ['s' => 600]]])];
        yield 'K-53: a guard without a blind state' => ['K-53 hot', $without('guards', 0, 'blind')];
        yield 'K-53: a hold without one' => ['K-53 chiller', function (array $s): array {
            unset($s['outlets'][2]['rule']['blind']);

            return $s;
        }];
        yield 'K-59: a dose without a most' => ['K-59 alk', function (array $s): array {
            unset($s['outlets'][7]['rule']['capMl']);

            return $s;
        }];
        yield 'K-52: a probe in another water' => ['K-52 heater2', $probe(['water' => 'display'])];
        yield 'K-58: calcium beside alkalinity' => ['K-58 alk', fn (array $s): array => self::calcium($s, 625.7)];
        yield 'K-58: calcium before midnight, alkalinity after' => ['K-58 alk', function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [10, 600];

            return self::calcium($s, 1430);
        }];
        yield 'K-60: a guard that sees too late' => ['K-60 acid', fn (array $s): array => self::phGuard($s, 'carbonate', 8.7)];
        yield 'K-61: gas without feed' => ['K-61 feed cut', fn (array $s): array => self::reactor($s, ['kind' => 'on'])];
        yield 'K-62: dry before help is there' => ['K-62 wet', fn (array $s): array => self::stopped($s, 0.49)];
        yield 'K-63: a skimmer at rest for more than a quarter' => [
            'K-63 skimmer',
            $outlet(5, ['pauses' => ['feeding' => ['timesADay' => 18.01]]]),
        ];
        yield 'K-63: a stream at rest for more than a tenth' => ['K-63 stream', $outlet(4, ['pauses' => ['feeding' => [
            'state' => 'off', 's' => 720, 'timesADay' => 12.01]]])];
        yield 'K-63: nobody has said how often' => ['K-63 skimmer', function (array $s): array {
            unset($s['outlets'][5]['pauses']['feeding']['timesADay']);

            return $s;
        }];
        yield 'K-64: two that are on, in one moment' => ['K-64a together 10', fn (array $s): array => self::on($s, 10)];
        yield 'K-64: a lamp nobody has tried' => ['K-64c lamp', fn (array $s): array => self::day($s, ['comesBack' => null])];
        yield 'K-64: a lamp back at full' => ['K-64c lamp', fn (array $s): array => self::day($s, ['comesBack' => 'full'])];
        yield 'K-64: a lamp that stays dark' => ['K-64c lamp', fn (array $s): array => self::day($s, ['comesBack' => 'dark'])];
        yield 'K-64: a head without a clock' => ['K-64b clock', $with(['facts' => ['hasClock' => false]])];
        yield 'K-20z: a battery nobody has tried' => ['K-20z battery', fn (array $s): array => self::battery($s, null)];
        yield 'K-20z: a battery tried too long ago' => ['K-20z battery', fn (array $s): array => self::battery($s, 180.5)];
        yield 'K-20o: a refugium lit with the display' => ['K-20o refugium', fn (array $s): array => self::refugium($s, 925)];
        yield 'K-65: a thermostat that opens by itself' => ['K-65 heater 1 dead', $outlet(0, ['hung' => ['thermostatC' => 25.6]])];
    }

    /** @return iterable<string, array{\Closure}> */
    public static function justInside(): iterable
    {
        $with = fn (array $more): \Closure => fn (array $s): array => array_replace_recursive($s, $more);
        yield 'calcium when the water has turned over' => [fn (array $s): array => self::calcium($s, 625.8)];
        yield 'calcium before midnight, long before alkalinity' => [function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [10, 600];

            return self::calcium($s, 1424);
        }];
        yield 'a dose as the clocks are set again' => [function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [60, 180, 600];

            return $s;
        }];
        yield 'a guard that sees carbonate in time' => [fn (array $s): array => self::phGuard($s, 'carbonate', 8.65)];
        yield 'a liquid without carbon' => [fn (array $s): array => self::phGuard($s, 'calcium', 8.7)];
        yield 'a guard against a low pH' => [function (array $s): array {
            $s = self::phGuard($s, 'carbonate', 8.7);
            $s['guards'][1]['when'] = [['probe' => 'ph', 'below' => 7.6]];

            return $s;
        }];
        yield 'a guard that sees hydroxide' => [fn (array $s): array => self::phGuard($s, 'hydroxide', 8.7)];
        yield 'gas that follows its feed' => [fn (array $s): array => self::reactor($s, ['kind' => 'follow', 'outlet' => 'feed'])];
        yield 'dry when help is there' => [fn (array $s): array => self::stopped($s, 0.5)];
        yield 'a skimmer at rest for a quarter' => [$with(['outlets' => [5 => ['pauses' => ['feeding' => ['timesADay' => 18]]]]])];
        yield 'a stream at rest for a tenth' => [$with(['outlets' => [4 => ['pauses' => ['feeding' => [
            'state' => 'off', 's' => 720, 'timesADay' => 12]]]]])];
        yield 'a stream that runs on in its pause' => [
            $with(['outlets' => [4 => ['pauses' => ['feeding' => ['state' => 'on', 's' => 9000]]]]]),
        ];
        yield 'two that are on, a second apart' => [fn (array $s): array => self::on($s, 11)];
        yield 'a lamp that goes on by its plan' => [fn (array $s): array => self::day($s, ['comesBack' => 'plan'])];
        yield 'a head whose clock is right' => [$with(['facts' => ['hasClock' => true]])];
        yield 'a line as long as its store needs' => [self::line(['longestS' => 7200])];
        yield 'a dosing vessel as high as the end of its line' => [$with(['outlets' => [7 => ['hung' => ['vesselAboveMm' => 0]]]])];
        yield 'a vessel that is higher, with a break' => [
            $with(['outlets' => [7 => ['hung' => ['vesselAboveMm' => 900, 'lineBreak' => true]]]]),
        ];
        yield 'a head without a clock and nothing that goes by it' => [function (array $s): array {
            array_splice($s['outlets'], 7, 1);
            $s['facts']['hasClock'] = false;

            return $s;
        }];
        yield 'a battery tried half a year ago' => [fn (array $s): array => self::battery($s, 180)];
        yield 'a refugium lit for half its hours with the display' => [fn (array $s): array => self::refugium($s, 930)];
        yield 'a thermostat just above' => [$with(['outlets' => [0 => ['hung' => ['thermostatC' => 25.61]]]])];
        yield 'help just in time' => [$with(['facts' => ['helpMin' => 500]])];
        yield 'a strip at its limit' => [$with([
            'outlets' => [0 => ['lostLink' => 'off', 'hung' => ['watts' => 900, 'stripRatedW' => 900]]],
        ])];
        yield 'a heater left on in a cool summer' => [$with([
            'outlets' => [0 => ['lostLinkSummer' => 'on']],
            'facts' => ['hottestC' => 21.9],
        ])];
        yield 'nobody has said how hot it becomes' => [function (array $s): array {
            $s['outlets'][0]['lostLinkSummer'] = 'on';
            unset($s['facts']['hottestC']);

            return $s;
        }];
        yield 'a lamp with ten minutes off' => [fn (array $s): array => self::lamp($s, 600)];
        yield 'a dose at one and at three' => [function (array $s): array {
            $s['outlets'][7]['rule']['minutes'] = [60, 180];

            return $s;
        }];
        yield 'a guard just before harm' => [$with(['facts' => ['highHarmC' => 27.01]])];
        yield 'an alarm as far as both instruments' => [$with(['alarms' => [0 => ['high' => 27.5]]])];
        yield 'a run of a percent and a half' => [$with(['outlets' => [6 => ['rule' => ['longestS' => 387]]]])];
        yield 'a day of twice what evaporates' => [$with(['outlets' => [6 => ['rule' => ['mostL' => 12]]]])];
        yield 'a top-off a second after the pump' => [$with(['outlets' => [6 => ['pauses' => ['feeding' => ['s' => 601]]]]])];
        yield 'a high guard of something that does not heat' => [function (array $s): array {
            $s['guards'][] = ['id' => 'other', 'outlet' => 'return', 'when' => [['probe' => 't1', 'above' => 29.9]]] + $s['guards'][0];
            $s['alarms'][] = ['id' => 'tells', 'act' => 'other'] + $s['alarms'][2];

            return $s;
        }];
        yield 'heating stops just below cooling' => [$with(['outlets' => [0 => ['rule' => ['stopAt' => 26.19]]]])];
        yield 'a band of two steps' => [$with(['outlets' => [0 => ['rule' => ['stopAt' => 25.5]]]])];
        yield 'a guard just beyond the day,
            its drift and two steps' => [$with(['guards' => [0 => ['when' => [0 => ['above' => 26.4]]]]])];
        yield 'seven days of readings' => [$with(['probes' => [0 => ['historyDays' => 7]]])];
        yield 'five minutes of rest' => [$with(['outlets' => [2 => ['minimumOffS' => 300]]])];
        yield 'a skimmer a second after the pump' => [$with(['outlets' => [5 => ['pauses' => ['feeding' => ['s' => 601]]]]])];
        yield 'a low alarm below the first heater' => [$with(['alarms' => [1 => ['probe' => 't1', 'low' => 25.29]]])];
        yield 'a high alarm above cooling' => [$with([
            'alarms' => [0 => ['probe' => 't1', 'high' => 26.61]],
            'guards' => [0 => ['when' => [0 => ['above' => 26.4]]]],
        ])];
        yield 'two persons' => [$with(['alarms' => [0 => ['calls' => 2]]])];
        yield 'one heater that nobody has said the strip of' => [function (array $s): array {
            unset($s['outlets'][0]['hung']['strip'], $s['outlets'][1]);
            $s['outlets'] = array_values($s['outlets']);

            return $s;
        }];
        yield 'two guards of one mind' => [function (array $s): array {
            $s['guards'][] = ['id' => 'hot too'] + $s['guards'][0];
            $s['alarms'][] = ['id' => 'tells', 'act' => 'hot too'] + $s['alarms'][2];

            return $s;
        }];
        yield 'two guards against each other, one above the other' => [function (array $s): array {
            $s['guards'][] = ['id' => 'cold', 'then' => 'on', 'rank' => 'people'] + $s['guards'][0];
            $s['alarms'][] = ['id' => 'tells', 'act' => 'cold'] + $s['alarms'][2];

            return $s;
        }];
        yield 'guards of two outlets' => [function (array $s): array {
            $s['guards'][] = ['id' => 'other', 'outlet' => 'heater2', 'then' => 'on'] + $s['guards'][0];
            $s['alarms'][] = ['id' => 'tells', 'act' => 'other'] + $s['alarms'][2];

            return $s;
        }];
        yield 'a low guard just beyond the day' => [$with(['guards' => [0 => ['when' => [0 => ['above' => null, 'below' => 24.7]]]]])];
        yield 'a lost link at a level' => [$with(['outlets' => [4 => ['lostLink' => 1.0]]])];
        yield 'a probe due today' => [$with(['probes' => [0 => ['overdueDays' => 0]]])];
    }

    #[Test]
    public function a_guard_on_flow_or_beside_the_heater_ties_it_to_its_water(): void
    {
        $guarded = fn (array $when, string $t2): array => self::codes(function (array $s) use ($when, $t2): array {
            $s['probes'][0]['water'] = 'display';
            $s['probes'][1]['water'] = $t2;
            $s['guards'][] = ['id' => 'tied', 'outlet' => 'heater2', 'when' => [$when]] + $s['guards'][0];

            return $s;
        });
        self::assertNotContains('K-52 heater2', $guarded(['switch' => 'flow', 'closed' => false], 'display'));
        self::assertNotContains('K-52 heater2', $guarded(['probe' => 't2', 'above' => 27], 'sump'));
        self::assertContains('K-52 heater2', $guarded(['probe' => 't2', 'above' => 27], 'display'));
        self::assertContains('K-52 heater2', $guarded(['probe' => 't2', 'below' => 20], 'sump'));
    }

    #[Test]
    public function what_a_guard_on_ph_sees_is_as_published(): void
    {
        $rise = fn (Liquid $liquid, float $limit): ?float => SeenByPh::riseDkh($liquid, 8, 8.2, $limit);
        self::assertEqualsWithDelta(0.8, $rise(Liquid::Hydroxide, 8.5), 0.05);
        self::assertEqualsWithDelta(2.1, $rise(Liquid::Carbonate, 8.5), 0.05);
        self::assertEqualsWithDelta(4.5, $rise(Liquid::Carbonate, 8.7), 0.1);
        self::assertNull($rise(Liquid::Bicarbonate, 8.5));
        self::assertSame(0.0, $rise(Liquid::Carbonate, 8.2));
        $this->expectException(OutOfRange::class);
        $rise(Liquid::Calcium, 8.5);
    }

    /**
     * Calcium at that minute, beside alkalinity at 60 and 600 min; the water turns over in 25.8.
     *
     * @param  array<string, mixed>  $s
     * @return array<string, mixed>
     */
    private static function calcium(array $s, float $minute): array
    {
        $ca = $s['outlets'][7];
        $s['outlets'][] = ['id' => 'ca', 'place' => 'calcium', 'hung' => ['doses' => 'calcium'] + $ca['hung'],
            'rule' => ['minutes' => [$minute]] + $ca['rule']] + $ca;

        return $s;
    }

    /** @param  array<string, mixed>  $s @return array<string, mixed> */
    private static function phGuard(array $s, string $liquid, float $limit): array
    {
        $s['outlets'][7]['hung']['doses'] = $liquid;
        $s['probes'][] = ['id' => 'ph', 'quantity' => 'ph', 'resolution' => 0.01, 'overdueDays' => -30, 'dailyLow' => 8.1,
            'dailyHigh' => 8.3, 'historyDays' => 14, 'water' => 'sump'];
        $s['guards'][] = ['id' => 'acid', 'outlet' => 'alk', 'when' => [['probe' => 'ph', 'above' => $limit]]] + $s['guards'][0];
        $s['alarms'][] = ['id' => 'tells', 'act' => 'acid'] + $s['alarms'][2];

        return $s;
    }

    /**
     * A reactor whose feed a guard stops.
     *
     * @param  array<string, mixed>  $s
     * @param  array<string, mixed>  $gas
     * @return array<string, mixed>
     */
    private static function reactor(array $s, array $gas): array
    {
        $feed = ['id' => 'feed', 'place' => 'reactor feed', 'rule' => ['kind' => 'on'], 'lostLink' => 'off',
            'hung' => ['job' => 'reactor', 'watts' => 10, 'labelled' => true]];
        array_push($s['outlets'], $feed, ['id' => 'gas', 'place' => 'gas valve', 'rule' => $gas, 'powerReturnS' => 5,
            'hung' => ['job' => 'valve', 'doses' => 'carbon-dioxide'] + $feed['hung']] + $feed);
        $s['guards'][] = ['id' => 'feed cut', 'outlet' => 'feed', 'when' => [['switch' => 'low']]] + $s['guards'][0];
        $s['alarms'][] = ['id' => 'tells', 'act' => 'feed cut'] + $s['alarms'][2];

        return $s;
    }

    /** A guard that stops the top-off. @param  array<string, mixed>  $s @return array<string, mixed> */
    private static function stopped(array $s, float $returnL): array
    {
        $s['facts']['returnL'] = $returnL;
        $s['guards'][] = ['id' => 'wet', 'outlet' => 'topoff', 'when' => [['switch' => 'floor']]] + $s['guards'][0];
        $s['alarms'][] = ['id' => 'tells', 'act' => 'wet'] + $s['alarms'][2];

        return $s;
    }

    /** A steriliser that is simply on. @param  array<string, mixed>  $s @return array<string, mixed> */
    private static function on(array $s, float $delayS): array
    {
        $s['outlets'][] = ['id' => 'uv', 'place' => 'UV', 'rule' => ['kind' => 'on'], 'lostLink' => 'off', 'powerReturnS' => $delayS,
            'hung' => ['job' => 'uv', 'watts' => 30, 'labelled' => true]];

        return $s;
    }

    /**
     * A lamp from ten to eight.
     *
     * @param  array<string, mixed>  $s
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function day(array $s, array $more): array
    {
        $points = [['minute' => 600, 'level' => 1.0], ['minute' => 1200, 'level' => 0.0]];
        $s['outlets'][] = array_filter([
            'id' => 'lamp', 'place' => 'lamp', 'rule' => ['kind' => 'day', 'points' => $points], 'lostLink' => 'off',
            'minimumOffS' => 600, 'hung' => ['job' => 'light', 'watts' => 100, 'labelled' => true], ...$more,
        ], fn (mixed $v): bool => $v !== null);

        return $s;
    }

    /** @param  array<string, mixed>  $s @return array<string, mixed> */
    private static function battery(array $s, ?float $daysAgo): array
    {
        $s['outlets'][] = ['id' => 'battery', 'place' => 'battery', 'rule' => ['kind' => 'off'], 'lostLink' => 'off',
            'hung' => array_filter(['job' => 'battery', 'watts' => 5, 'labelled' => true, 'testedDaysAgo' => $daysAgo],
                fn (mixed $v): bool => $v !== null)];

        return $s;
    }

    /**
     * A refugium lit for nine hours from that minute, beside a lamp from ten to eight.
     *
     * @param  array<string, mixed>  $s
     * @return array<string, mixed>
     */
    private static function refugium(array $s, float $fromMin): array
    {
        $points = [['minute' => $fromMin + 540 - 1440, 'level' => 0.0], ['minute' => $fromMin, 'level' => 1.0]];
        if ($fromMin + 540 < 1440) {
            $points = [['minute' => $fromMin, 'level' => 1.0], ['minute' => $fromMin + 540, 'level' => 0.0]];
        }
        $s = self::day($s, ['comesBack' => 'plan']);
        $s['outlets'][] = ['id' => 'refugium', 'place' => 'refugium lamp', 'rule' => ['kind' => 'day', 'points' => $points],
            'lostLink' => 'off', 'minimumOffS' => 600, 'comesBack' => 'plan',
            'hung' => ['job' => 'light', 'watts' => 20, 'labelled' => true], 'reversed' => true];

        return $s;
    }

    /**
     * A lamp that is shed when it is hot.
     *
     * @param  array<string, mixed>  $s
     * @return array<string, mixed>
     */
    private static function lamp(array $s, float $offS): array
    {
        $s['outlets'][] = ['id' => 'lamp', 'place' => 'lamp', 'rule' => ['kind' => 'on'], 'lostLink' => 'off', 'minimumOffS' => $offS,
            'comesBack' => 'plan',
            'hung' => ['job' => 'light', 'watts' => 100, 'labelled' => true]];
        $s['guards'][] = ['id' => 'shed', 'outlet' => 'lamp', 'clears' => ['probe' => 't1', 'below' => 26]] + $s['guards'][0];
        $s['alarms'][] = ['id' => 'lamp shed', 'act' => 'shed'] + $s['alarms'][2];

        return $s;
    }

    #[Test]
    public function a_probe_past_its_date_is_said_for_all_it_controls_and_one_probe_alone_is_doubted(): void
    {
        $late = self::codes(fn (array $s): array => array_replace_recursive($s, ['probes' => [0 => ['overdueDays' => 1]]]));
        self::assertSame(['K-20r heater1', 'K-20r heater2', 'K-20r chiller'], $late);
        $alone = self::codes(fn (array $s): array => array_replace_recursive($s,
            ['alarms' => [0 => ['probe' => 't1'], 1 => ['probe' => 't1']]]));
        self::assertSame(['K-20h heater1', 'K-20h heater2', 'K-20h chiller'], $alone);
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $change */
    #[Test]
    #[DataProvider('unsaid')]
    public function what_nobody_has_said_is_asked_for_and_silences_nothing(string $found, \Closure $change): void
    {
        self::assertContains($found, self::codes($change));
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function unsaid(): iterable
    {
        $asks = ['K-55 heater1' => 'volumeL', 'K-49 hot' => 'highHarmC', 'K-56 topoff' => 'evaporationLd',
            'K-20d too cold' => 'evaporationLd'];
        foreach ($asks as $found => $fact) {
            yield "{$found} without {$fact}" => [$found, function (array $s) use ($fact): array {
                unset($s['facts'][$fact]);

                return $s;
            }];
        }
        yield 'what a strip carries' => ['K-20j B', function (array $s): array {
            unset($s['outlets'][1]['hung']['stripRatedW']);

            return $s;
        }];
        yield 'how long help takes' => ['K-20d too cold', function (array $s): array {
            unset($s['facts']['helpMin']);

            return $s;
        }];
        yield 'how many litres there are' => ['K-20d too cold', function (array $s): array {
            unset($s['facts']['volumeL']);

            return $s;
        }];
        yield 'when a probe is due' => ['K-20r heater1', function (array $s): array {
            unset($s['probes'][0]['overdueDays']);

            return $s;
        }];
        yield 'which strip' => ['K-20i heater1', function (array $s): array {
            unset($s['outlets'][0]['hung']['strip']);

            return $s;
        }];
        yield 'which water' => ['K-20y heater2', function (array $s): array {
            unset($s['outlets'][1]['hung']['water'], $s['outlets'][1]['pauses']);

            return $s;
        }];
        foreach (['returnL', 'evaporationLd', 'helpMin'] as $fact) {
            yield "when it is dry, without {$fact}" => ['K-62 wet', function (array $s) use ($fact): array {
                $s = self::stopped($s, 9);
                unset($s['facts'][$fact]);

                return $s;
            }];
        }
        foreach (['alkDkh', 'ph'] as $fact) {
            yield "what a guard sees, without {$fact}" => ['K-60 acid', function (array $s) use ($fact): array {
                $s = self::phGuard($s, 'hydroxide', 8.5);
                unset($s['facts'][$fact]);

                return $s;
            }];
        }
        yield 'what bicarbonate does to a guard' => ['K-60 acid', fn (array $s): array => self::phGuard($s, 'bicarbonate', 8.5)];
        yield 'the flow between two doses' => ['K-58 alk', function (array $s): array {
            $s = self::calcium($s, 300);
            unset($s['facts']['flowLh']);

            return $s;
        }];
        yield 'what a head gives' => ['K-58 ca', function (array $s): array {
            $s = self::calcium($s, 300);
            unset($s['outlets'][8]['hung']['doses']);

            return $s;
        }];
        yield 'which water a probe hangs in' => ['K-52 heater2', function (array $s): array {
            unset($s['probes'][0]['water']);

            return $s;
        }];
        yield 'what hangs there' => ['K-20u alk', function (array $s): array {
            unset($s['outlets'][7]['hung']);

            return $s;
        }];
    }

    /** @return iterable<string, array{0: list<mixed>, 1: list<mixed>, 2: string|null}> skimmer and return: winter, summer */
    public static function together(): iterable
    {
        yield 'both go on' => [['on', 'on'], ['on', 'on'], 'watch'];
        yield 'the return stands still' => [['on', 'on'], ['off', 'on'], 'fix'];
        yield 'in summer' => [['off', 'on'], ['on', 'off'], 'fix'];
        yield 'never at once' => [['off', 'on'], ['off', 'on'], 'watch'];
        yield 'both stand still' => [['off', 'off'], ['off', 'off'], null];
        yield 'of the return nobody has said' => [['on', 'on'], [null, null], 'fix'];
        yield 'of the skimmer nobody has said' => [[null, null], ['on', 'on'], null];
        yield 'half is on' => [[0.5, 0.5], ['off', 'off'], 'fix'];
    }

    /**
     * @param  list<mixed>  $skimmer
     * @param  list<mixed>  $return
     */
    #[Test]
    #[DataProvider('together')]
    public function what_stays_on_without_a_link_is_looked_at_together(array $skimmer, array $return, ?string $severity): void
    {
        $setup = self::sound();
        foreach ([5 => $skimmer, 3 => $return] as $n => [$winter, $summer]) {
            $setup['outlets'][$n] = ['lostLink' => $winter, 'lostLinkSummer' => $summer] + $setup['outlets'][$n];
        }
        $read = SetupReader::read($setup);
        $found = array_values(array_filter(Checker::check($read), fn (Finding $f): bool => $f->code === 'X-26'));
        self::assertSame($severity, $found[0]->severity->value ?? null);
        self::assertSame($severity === null ? [] : ['skimmer', 'skimmer'], array_column(
            $found === [] ? [] : Correction::of($found[0], $read)->changes ?? [],
            'id',
        ));
    }

    #[Test]
    public function a_heater_without_its_link_is_judged_winter_and_summer_apart(): void
    {
        $says = function (array $facts, string $winter, string $summer): array {
            $setup = array_replace_recursive(self::sound(), ['facts' => $facts]);
            foreach ([0, 1] as $n) {
                $setup['outlets'][$n] = ['lostLink' => $winter, 'lostLinkSummer' => $summer] + $setup['outlets'][$n];
            }
            $found = array_filter(Checker::check(SetupReader::read($setup)), fn (Finding $f): bool => $f->code === 'K-13');

            return array_values(array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $found));
        };
        self::assertSame([], $says([], 'on', 'off'));
        self::assertCount(2, $says([], 'off', 'off'), 'both off leave it to the cold');
        self::assertStringContainsString('goes off in winter', $says([], 'off', 'off')[0]);
        self::assertStringContainsString('stays on in summer', $says([], 'on', 'on')[0]);
        self::assertSame([], $says(['coldestC' => 15.1], 'off', 'off'), 'pumps alone hold it above harm');
        self::assertCount(2, $says(['coldestC' => 14.0], 'off', 'off'));
        self::assertSame([], $says(['coldestC' => 14.99], 'off', 'off'), 'days are left');
    }

    #[Test]
    public function what_is_offered_to_put_it_right_does_and_says_what_it_changes(): void
    {
        $offered = [];
        foreach (self::changes() as [$says, $change]) {
            $setup = $change(self::sound());
            $read = SetupReader::read($setup);
            $correction = Correction::of(Checker::check($read)[0], $read);
            if ($correction === null) {
                continue;
            }
            foreach ($correction->changes as $one) {
                $offered[$says][] = "{$one['id']} {$one['path']} {$one['value']}";
                foreach (['outlets', 'guards'] as $of) {
                    $n = array_search($one['id'], array_column($setup[$of], 'id'), true);
                    if ($n !== false) {
                        self::put($setup[$of][$n], explode('.', $one['path']), $one['value']);
                    }
                }
            }
            self::assertSame([], self::codes(fn (): array => $setup), $says);
        }
        self::assertSame([
            'K-20k stream' => ['stream lostLink on'],
            'K-20k topoff' => ['topoff lostLink off'],
            'K-20k return' => ['return lostLink on'],
            'K-20k lamp' => ['lamp lostLink off'],
            'X-26 skimmer' => ['skimmer lostLink off', 'skimmer lostLinkSummer off'],
            'K-20n skimmer' => ['skimmer pauses.feeding.state off', 'skimmer pauses.feeding.s 1200'],
            'K-20q chiller' => ['chiller minimumOffS 300'],
            'K-20w 20' => ['return powerReturnS 20', 'stream powerReturnS 30'],
            'W-63 topoff' => ['topoff rule.longestS 7200'],
            'K-53 hot' => ['hot blind off'],
            'K-53 chiller' => ['chiller rule.blind off'],
        ], array_map(array_unique(...), $offered));
    }

    /**
     * @param  array<string, mixed>  $into
     * @param  list<string>  $path
     */
    private static function put(array &$into, array $path, string|float $value): void
    {
        $at = &$into;
        foreach ($path as $key) {
            $at = &$at[$key];
        }
        $at = $value;
    }

    #[Test]
    public function a_relay_lasts_three_years_of_its_clicks_and_a_compressor_bears_six_starts_an_hour(): void
    {
        $worn = fn (int $n, string $says, float $widthK): float => self::turning(fn (float $watts): bool => ! in_array(
            $says,
            self::codes(fn (array $s): array => array_replace_recursive($s, ['outlets' => [$n => ['hung' => ['watts' => $watts]]]])),
            true,
        ), 10, 5000) / (4 * 430 * 4083 * $widthK / 3600);
        self::assertEqualsWithDelta(100_000 / (3 * 365.25 * 24), $worn(0, 'K-55 heater1', 0.3), 1e-3);
        self::assertEqualsWithDelta(6.0, $worn(2, 'K-55 chiller', 0.4), 1e-3);
    }

    #[Test]
    public function a_guard_acts_before_harm_by_what_comes_in_while_its_probe_lags_and_its_delay_runs(): void
    {
        $harmC = function (float $litres, float $forS): float {
            $says = fn (float $c): bool => in_array('K-49 hot', self::codes(fn (array $s): array => array_replace_recursive($s, [
                'facts' => ['highHarmC' => $c, 'volumeL' => $litres],
                'guards' => [0 => ['forS' => $forS]],
            ])), true);

            return self::turning($says, 26.0, 34.0);
        };
        // 100 W into 10 L: 2.449 mK a second, 30 s of lag and the delay; what the probe is off by is the same in a sea.
        $seaC = $harmC(1e7, 60);
        self::assertEqualsWithDelta(90 * 100 / 40_830, $harmC(10, 60) - $seaC, 1e-3);
        self::assertEqualsWithDelta(30 * 100 / 40_830, $harmC(10, 0) - $seaC, 1e-3);
    }

    #[Test]
    public function an_alarm_of_the_cold_calls_as_long_before_harm_as_help_takes(): void
    {
        $late = fn (float $helpMin): bool => in_array('K-20d too cold', self::codes(
            fn (array $s): array => array_replace_recursive($s, ['facts' => ['helpMin' => $helpMin]]),
        ), true);
        // From 23.4 °C, 430 L lose 20 W/K and 6 L a day into a room of 12 °C; pumps give 60 W; harm is at 18 °C.
        $settlesC = 12 + (60 - 6 * Evaporation::heatKjKg(23.4) / 86.4) / 20;
        $hours = 430 * 4083 / 20 / 3600 * log((23.4 - $settlesC) / (18 - $settlesC));
        $helpMin = self::turning(fn (float $min): bool => ! $late($min), 60, 1440);
        self::assertEqualsWithDelta(60 * $hours, 10 + $helpMin, 1.0, 'ten minutes until it calls');
    }

    #[Test]
    public function two_doses_are_a_quarter_of_an_hour_apart_however_fast_the_water_turns_over(): void
    {
        $near = fn (float $minute): bool => in_array('K-58 alk', self::codes(
            fn (array $s): array => array_replace_recursive(self::calcium($s, $minute), ['facts' => ['flowLh' => 100_000]]),
        ), true);
        self::assertSame([true, false], [$near(614.9), $near(615)]);
    }

    #[Test]
    public function a_thermostat_counts_a_kelvin_over_its_rule_and_a_kelvin_under_an_alarm(): void
    {
        $burnsOn = function (float $thermostatC): bool {
            $setup = array_replace_recursive(self::sound(), ['alarms' => [0 => ['high' => 29.0]]]);
            foreach ([0, 1] as $n) {
                $setup['outlets'][$n] = ['lostLink' => 'on', 'lostLinkSummer' => 'on'] + $setup['outlets'][$n];
                $setup['outlets'][$n]['hung']['thermostatC'] = $thermostatC;
            }

            return array_filter(self::codes(fn (): array => $setup), fn (string $code): bool => str_starts_with($code, 'K-13')) !== [];
        };
        // The rules stop at 25.6 and 25.4, the alarm calls at 29.
        self::assertSame([true, false, false, true], array_map($burnsOn, [26.39, 26.61, 27.99, 28.01]));
    }

    #[Test]
    public function a_state_without_the_link_is_worth_a_word_when_an_hour_is_gained_within_three_days(): void
    {
        $says = function (array $facts, float $watts): bool {
            $setup = array_replace_recursive(self::sound(), ['facts' => $facts, 'outlets' => [0 => ['hung' => ['watts' => $watts]]]]);
            foreach ([0, 1] as $n) {
                $setup['outlets'][$n] = ['lostLink' => 'off', 'lostLinkSummer' => 'off'] + $setup['outlets'][$n];
            }

            return in_array('K-13 heater1', self::codes(fn (): array => $setup), true);
        };
        // 430 L lose 20 W/K from 25.6 °C and are harmed at 18 °C; other gear gives 60 W.
        $hours = fn (float $watts, float $roomC): float => 430 * 4083 / 20 / 3600
            * log((25.6 - $roomC - $watts / 20) / (18 - $roomC - $watts / 20));
        $gains = self::turning(fn (float $w): bool => ! $says(['coldestC' => 5], $w), 1.0, 100.0);
        self::assertEqualsWithDelta(1.0, $hours(60 + $gains, 5) - $hours(60, 5), 1e-3);
        $coldC = self::turning(fn (float $c): bool => $says(['coldestC' => $c], 100), 10.0, 16.0);
        self::assertEqualsWithDelta(72, $hours(60, $coldC), 0.01);
    }

    #[Test]
    public function every_row_is_known_by_one_name_and_says_why_and_what_to_do(): void
    {
        $codes = array_map(fn ($row): string => $row->code(), Checker::rows());
        self::assertSame($codes, array_values(array_unique($codes)));
        $tried = [];
        foreach (self::changes() as [$found, $change]) {
            foreach (Checker::check(SetupReader::read($change(self::sound()))) as $finding) {
                $tried[] = (string) $finding->code;
                foreach ([$finding->what, $finding->why, $finding->remedy] as $sentence) {
                    self::assertDoesNotMatchRegularExpression('/[{}]/', (string) $sentence?->in(Units::metric()), $found);
                }
            }
        }
        // These two are tried for several outlets at once, above.
        self::assertEqualsCanonicalizing($codes, array_values(array_unique([...$tried, 'K-20r', 'K-20h'])));
    }

    #[Test]
    public function it_is_asked_headless_and_refuses_in_words(): void
    {
        $ask = function (array $setup): array {
            [$answer] = (new Desk())->ask('programme-check', (string) json_encode(['setup' => $setup]));

            return json_decode($answer, true);
        };
        self::assertSame([], $ask(self::sound())['objections']);
        $open = $ask(array_replace_recursive(self::sound(), ['outlets' => [6 => ['lostLink' => 'on']]]));
        self::assertSame([['row' => 'K-20k', 'of' => 'topoff']], $open['objections']);
        self::assertSame('stop', $open['findings'][0]['severity']);
        $refused = $ask(array_replace_recursive(self::sound(), ['outlets' => [0 => ['place' => 7]]]));
        self::assertSame('outlets.0.place', $refused['error']['field']);
    }

    #[Test]
    public function whatever_is_taken_out_or_put_in_wrongly_is_answered_or_refused_in_words(): void
    {
        mt_srand(20);
        $wrong = [null, -1, 1e300, 'x', [], [[]], true, ['a' => 1]];
        for ($n = 0; $n < 600; $n++) {
            $setup = self::sound();
            $at = &$setup;
            while (is_array($at) && $at !== [] && mt_rand(0, 4) > 0) {
                $keys = array_keys($at);
                $at = &$at[$keys[mt_rand(0, count($keys) - 1)]];
            }
            $at = $wrong[mt_rand(0, count($wrong) - 1)];
            unset($at);
            try {
                Checker::check(SetupReader::read(is_array($setup) ? $setup : []));
                $this->addToAssertionCount(1);
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    #[Test]
    public function each_objection_says_which_of_two_things_it_means(): void
    {
        $says = function (int $alarm, array $with, string $key): string {
            $setup = array_replace_recursive(self::sound(), ['alarms' => [$alarm => $with]]);
            foreach (Checker::check(SetupReader::read($setup)) as $finding) {
                if ($finding->code === $key) {
                    return $finding->what->in(Units::metric());
                }
            }

            return '';
        };
        self::assertSame('The alarm too warm calls nobody', $says(0, ['calls' => 0], 'K-20s'));
        self::assertSame('The alarm too warm calls one person only', $says(0, ['calls' => 1], 'K-20s'));
        self::assertStringContainsString('181 days ago', $says(0, ['testedDaysAgo' => 181], 'K-20t'));
        self::assertStringContainsString('never tested', $says(0, ['testedDaysAgo' => null], 'K-20t'));
        self::assertStringContainsString('heater 1, sump', $says(2, ['act' => 'another'], 'K-20f'));
        self::assertStringContainsString('heater 1, sump', $says(2, ['calls' => 0], 'K-20f'));
    }

    /** @param  array<string, mixed>  $more */
    #[Test]
    #[DataProvider('unreadable')]
    public function what_a_document_may_not_hold_is_named(array $more, string $field): void
    {
        try {
            SetupReader::read(array_replace_recursive(self::sound(), $more));
            self::fail('it was taken');
        } catch (OutOfRange $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a schema of tomorrow' => [['schema' => 2], 'schema'];
        yield 'a key nobody knows' => [['outlets' => [0 => ['colour' => 'red']]], 'outlets.0.colour'];
        yield 'one inside a rule' => [['outlets' => [0 => ['rule' => ['speed' => 1]]]], 'outlets.0.rule.speed'];
        yield 'a rule of another kind' => [['outlets' => [0 => ['rule' => ['kind' => 'magic']]]], 'outlets.0.rule.kind'];
        yield 'words for a number' => [['outlets' => [2 => ['minimumOffS' => 'long']]], 'outlets.2.minimumOffS'];
        yield 'a time below nothing' => [['outlets' => [2 => ['minimumOffS' => -1]]], 'outlets.2.minimumOffS'];
        yield 'a job nobody does' => [['outlets' => [0 => ['hung' => ['job' => 'cook']]]], 'outlets.0.hung.job'];
        yield 'a probe that is not there' => [['outlets' => [0 => ['rule' => ['probe' => 't9']]]], 'outlets.0.rule.probe'];
        yield 'a guard of nothing' => [['guards' => [0 => ['outlet' => 'nobody']]], 'guards'];
        yield 'a step of nothing' => [['probes' => [0 => ['resolution' => 0]]], 'probes.0.resolution'];
        yield 'both above and below' => [['guards' => [0 => ['when' => [0 => ['below' => 3]]]]], 'guards.0.when.0'];
        yield 'a level above full' => [['outlets' => [0 => ['lostLink' => 1.01]]], 'outlets.0.lostLink'];
        yield 'a level below nothing' => [['outlets' => [0 => ['lostLink' => -0.01]]], 'outlets.0.lostLink'];
        yield 'a rank nobody has' => [['guards' => [0 => ['rank' => 'king']]], 'guards.0.rank'];
        yield 'two of one name' => [['outlets' => [1 => ['id' => 'heater1']]], 'outlets'];
    }
}
