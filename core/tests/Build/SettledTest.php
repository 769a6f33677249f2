<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Delivery;
use Velbrin\Core\Build\LeadTime;
use Velbrin\Core\Build\TakeOff;
use Velbrin\Core\Build\Wishes;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** What a planner settles before ordering: plugs, pumps, compartments, lamps that rise, opened walls. */
final class SettledTest extends TestCase
{
    #[Test]
    public function every_circuit_and_strip_carries_what_hangs_on_it(): void
    {
        $plug = fn (string $name, string $kind, float $watts, int $circuit, int $strip, array $more = []): array => [
            'name' => $name,
            'kind' => $kind,
            'watts' => $watts,
            'circuit' => $circuit,
            'strip' => $strip,
            'dry' => true,
            ...$more,
        ];
        $spread = [
            $plug('h1', 'heater', 300, 1, 1),
            $plug('h2', 'heater', 300, 2, 2),
            $plug('return', 'return', 60, 1, 1),
            $plug('stream', 'stream', 40, 2, 2),
        ];
        $answers = SoundPlan::answer(
            ['mainsV' => 230, 'circuitA' => 16, 'stripA' => 10, 'pumpsW' => 100],
            ['loads' => $spread],
        );
        // By hand: circuit 1 carries (300 + 60)/230 = 1.565 A, at the start (300 + 3·60)/230 = 2.087 A.
        self::assertEqualsWithDelta(360 / 230, $answers->figure('circuitA')?->quantity?->value, 1e-9);
        self::assertEqualsWithDelta(480 / 230, $answers->figure('startA')?->quantity?->value, 1e-9);
        self::assertSame([], self::worse(SoundPlan::of($answers, 'B-61', 'X-22')));
        // R-45: all four are kept, (700 + 120)/0.8.
        self::assertEqualsWithDelta((700 + 120) / 0.8, $answers->figure('generatorW')?->quantity?->value, 1e-9);

        $onOne = SoundPlan::answer(
            [],
            ['loads' => array_map(fn (array $p): array => [...$p, 'circuit' => 1, 'strip' => 1], $spread)],
        );
        $said = SoundPlan::said(SoundPlan::of($onOne, 'B-61', 'X-22'));
        self::assertStringContainsString('All heaters on strip 1', $said);
        self::assertStringContainsString('All movement on strip 1', $said);
        self::assertStringContainsString('Heating and movement both hang on circuit 1', $said);

        $heavy = SoundPlan::said(
            SoundPlan::of(
                SoundPlan::answer(
                    ['mainsV' => 230],
                    [
                        'loads' => [
                            $plug('kiln', 'other', 2000, 1, 1),
                            $plug('pump', 'return', 900, 1, 2, ['startW' => 4000, 'dry' => false]),
                        ],
                    ],
                ),
                'B-61',
            ),
        );
        self::assertStringContainsString('Strip 1 carries 8.7 A, more than 8.0 A', $heavy);
        self::assertStringNotContainsString('Circuit 1 carries', $heavy, '12.6 A is under 12.8 A');
        self::assertStringContainsString('26.1 A when everything starts at once', $heavy);
        self::assertStringContainsString('Plugs not said to stay dry: pump', $heavy);
        $wrong = SoundPlan::answer([], ['loads' => [$plug('a', 'other', 10, 1, 7), $plug('b', 'other', 10, 2, 7)]]);
        self::assertSame('loads.1.circuit', $wrong->errors[0]->field);
    }

    #[Test]
    public function one_more_plug_never_lightens_a_circuit(): void
    {
        $loads = [];
        $last = 0.0;
        for ($n = 1; $n <= 12; $n++) {
            $loads[] = [
                'name' => "d{$n}",
                'kind' => ['heater', 'return', 'light', 'other'][$n % 4],
                'watts' => ((37 * $n) % 91) + 5,
                'circuit' => 1 + ($n % 2),
                'strip' => 1 + ($n % 4),
                'dry' => true,
            ];
            $loads[$n - 1]['circuit'] = 1 + intdiv((int) $loads[$n - 1]['strip'] - 1, 2);
            $now = (float) SoundPlan::answer([], ['loads' => $loads])->figure('circuitA')?->quantity?->value;
            self::assertGreaterThanOrEqual($last, $now);
            $last = $now;
        }
    }

    #[Test]
    public function stream_pumps_are_judged_where_they_stand(): void
    {
        $pump = fn (string $end, string $aim, float $flow = 4500, string $motor = 'none'): array => [
            'name' => $end,
            'flowLh' => $flow,
            'end' => $end,
            'aim' => $aim,
            'motor' => $motor,
        ];
        $good = SoundPlan::answer([], ['streams' => [$pump('left', 'surface'), $pump('right', 'bottom')]]);
        self::assertSame([], self::worse(SoundPlan::of($good, 'B-60')));
        self::assertEqualsWithDelta(
            (float) SoundPlan::answer(['streamLh' => 9000])->figure('streamTurnover')?->quantity?->value,
            $good->figure('streamTurnover')?->quantity?->value,
            1e-9,
            'their sum is what was written for all',
        );
        $said = SoundPlan::said(
            SoundPlan::of(
                SoundPlan::answer(
                    [],
                    ['streams' => [$pump('left', 'middle', 6000), $pump('right', 'middle', 3000, 'damp')]],
                ),
                'B-60',
            ),
        );
        foreach (
            [
                'The ends are not alike',
                'Nothing moves the surface',
                'Nothing sweeps the bottom',
                'The dry part stands where water comes: right',
            ] as $words
        ) {
            self::assertStringContainsString($words, $said);
        }
        self::assertStringContainsString(
            'No pumps stand against each other',
            SoundPlan::said(
                SoundPlan::of(
                    SoundPlan::answer([], ['streams' => [$pump('left', 'surface'), $pump('left', 'bottom')]]),
                    'B-60',
                ),
            ),
        );
    }

    #[Test]
    public function what_finds_no_place_beside_the_sump_stands_in_another_compartment(): void
    {
        $cabinet = [
            'standInsideMm' => 700,
            'cabinetLengthMm' => 1000,
            'cabinetDepthMm' => 500,
            'doorWidthMm' => 950,
            'doorHeightMm' => 660,
        ];
        $side = [
            'name' => 'side',
            'lengthMm' => 400,
            'depthMm' => 500,
            'heightMm' => 700,
            'doorWidthMm' => 380,
            'doorHeightMm' => 680,
        ];
        $thing = fn (string $name, array $more = []): array => [
            'name' => $name,
            'widthMm' => 300,
            'depthMm' => 300,
            'heightMm' => 400,
            ...$more,
        ];
        $alone = SoundPlan::answer($cabinet, ['gear' => [$thing('can')]]);
        self::assertStringContainsString(
            'can does not go into the cabinet',
            SoundPlan::said(SoundPlan::of($alone, 'B-62')),
        );
        $with = SoundPlan::answer($cabinet, ['gear' => [$thing('can')], 'compartments' => [$side]]);
        self::assertTrue($with->cabinet?->isClean());
        self::assertSame(2, $with->cabinet->where(1));
        $bound = SoundPlan::answer($cabinet, ['gear' => [$thing('can', ['in' => 1])], 'compartments' => [$side]]);
        self::assertNull($bound->cabinet?->where(1), 'what belongs beside the sump goes nowhere else');
        self::assertSame(
            'gear.0.in',
            SoundPlan::answer($cabinet, ['gear' => [$thing('can', ['in' => 3])], 'compartments' => [$side]])->errors[0]
                ->field,
        );
        self::assertSame(
            'compartments.0.doorWidthMm',
            SoundPlan::answer($cabinet, [
                'gear' => [$thing('can')],
                'compartments' => [[...$side, 'doorWidthMm' => 500]],
            ])->errors[0]->field,
        );
    }

    #[Test]
    public function a_cabinet_keeps_what_must_stay_dry_from_the_sump_and_warms_by_what_stands_in_it(): void
    {
        $cabinet = [
            'standInsideMm' => 700,
            'cabinetLengthMm' => 1400,
            'cabinetDepthMm' => 500,
            'doorWidthMm' => 1350,
            'doorHeightMm' => 660,
        ];
        $driver = [
            'name' => 'driver',
            'widthMm' => 100,
            'depthMm' => 100,
            'heightMm' => 60,
            'staysDry' => true,
            'heatW' => 60,
        ];
        $closed = SoundPlan::answer([...$cabinet, 'cabinetAir' => 'closed'], ['gear' => [$driver]]);
        self::assertStringContainsString(
            'where it is splashed: driver',
            SoundPlan::said(SoundPlan::of($closed, 'B-62')),
        );
        // By hand: walls 2·(1.4·0.5 + 1.4·0.7 + 0.5·0.7) = 4.06 m², U = 1/(0.13 + 0.019/0.13 + 0.13) = 2.46.
        self::assertEqualsWithDelta(60 / (2.46 * 4.06), $closed->figure('cabinetWarmK')?->quantity?->value, 1e-9);
        self::assertStringContainsString(
            'A closed cabinet warms by 6',
            SoundPlan::said(SoundPlan::of($closed, 'B-62')),
        );
        $open = SoundPlan::answer(
            [...$cabinet, 'cabinetAir' => 'openings'],
            [
                'gear' => [[...$driver, 'in' => 2]],
                'compartments' => [
                    [
                        'name' => 'dry side',
                        'lengthMm' => 300,
                        'depthMm' => 400,
                        'heightMm' => 600,
                        'doorWidthMm' => 280,
                        'doorHeightMm' => 580,
                    ],
                ],
            ],
        );
        self::assertSame([], self::worse(SoundPlan::of($open, 'B-62')));
    }

    /** @return array<string, array{0: array<string, float|string>, 1: string, 2: Severity, 3: string}> facts, rule, severity, words */
    public static function rules(): array
    {
        return [
            'an open top without a guard' => [
                ['guard' => 'none', 'top' => 'open'],
                'B-26',
                Severity::Fix,
                'Nothing keeps fish in under the open top',
            ],
            'a flat lid on the comb' => [
                ['guard' => 'lid'],
                'B-26',
                Severity::Fix,
                'A flat lid over the comb strands fish',
            ],
            'mesh' => [['guard' => 'mesh'], 'B-26', Severity::Fine, 'Fish are kept in by clear mesh'],
            'no props' => [['wallOpening' => 'yes'], 'B-77', Severity::Fix, 'Temporary props are not planned'],
            'wall not searched' => [
                ['wallOpening' => 'yes', 'props' => 'planned'],
                'B-77',
                Severity::Fix,
                'The wall is not searched',
            ],
            'no gap under the lintel' => [
                ['wallOpening' => 'yes', 'lintelGapMm' => 4],
                'B-12',
                Severity::Fix,
                'Only 4 mm between lintel and tank',
            ],
            'narrow behind the wall' => [
                ['wallOpening' => 'yes', 'gapBehindMm' => 400],
                'B-12',
                Severity::Watch,
                'a person does not turn in it',
            ],
            // 2500 − 800 − 550 − 200 − 200 = 750 mm over the lamp.
            'lamps rise too far' => [
                ['travelMm' => 900],
                'B-53',
                Severity::Fix,
                'cannot rise by 900 mm: 750 mm are free',
            ],
            'lamps rise too little' => [['travelMm' => 100], 'B-53', Severity::Watch, 'leave 300 mm over the rim'],
            'lamps rise enough' => [['travelMm' => 400], 'B-53', Severity::Fine, 'leave 600 mm over the rim'],
            'taut leads' => [
                ['travelMm' => 400, 'leadSlackMm' => 300],
                'B-53',
                Severity::Fix,
                'leads give 300 mm, they travel 400 mm',
            ],
            'short rope' => [
                ['travelMm' => 400, 'ropeM' => 4, 'ropeRunM' => 3.8],
                'B-84',
                Severity::Fix,
                'the longest run takes 4.30 m',
            ],
            'skimmer in the return chamber' => [
                ['skimmerChamber' => 3],
                'B-30',
                Severity::Fix,
                'where the level changes',
            ],
            'skimmer too deep' => [
                ['skimmerChamber' => 2, 'skimmerLeastMm' => 150, 'skimmerMostMm' => 200],
                'B-30',
                Severity::Fix,
                'stands too deep',
            ],
            'skimmer too shallow' => [
                ['skimmerChamber' => 2, 'skimmerLeastMm' => 400, 'skimmerMostMm' => 420],
                'B-30',
                Severity::Fix,
                'stands too shallow',
            ],
            'skimmer as asked' => [
                ['skimmerChamber' => 2, 'skimmerLeastMm' => 200, 'skimmerMostMm' => 280],
                'B-30',
                Severity::Fine,
                'The skimmer stands',
            ],
            'a reservoir nobody refills' => [
                ['refillDays' => 1],
                'W-60',
                Severity::Fix,
                'Nobody is named who refills the reservoir every 1 days',
            ],
            'a divider that thins the tank' => [
                ['reservoirIn' => 'sump', 'reservoirL' => 30],
                'W-60',
                Severity::Fix,
                'If the reservoir’s divider gives',
            ],
            'a divider that hardly does' => [
                ['reservoirIn' => 'sump', 'reservoirL' => 5],
                'W-60',
                Severity::Watch,
                'If the reservoir’s divider gives',
            ],
        ];
    }

    /** @param  array<string, float|string>  $facts */
    #[Test]
    #[DataProvider('rules')]
    public function each_rule_says_so(array $facts, string $rule, Severity $severity, string $words): void
    {
        $found = array_values(
            array_filter(
                SoundPlan::of(SoundPlan::answer($facts), $rule),
                fn (Finding $f): bool => str_contains(SoundPlan::said([$f]), $words),
            ),
        );

        self::assertCount(1, $found, SoundPlan::said(SoundPlan::of(SoundPlan::answer($facts), $rule)));
        self::assertSame($severity, $found[0]->severity);
    }

    #[Test]
    public function a_refill_with_the_return_on_is_throttled_by_what_the_chamber_holds(): void
    {
        $answers = SoundPlan::answer(['refillLh' => 600, 'changePct' => 20, 'visitsMonth' => 1]);
        // By hand: the return chamber is 884 − 186 − 306 = 392 mm long, 434 wide, 100 deep over the pump’s minimum: 17.01 L.
        $missing = 0.2 * (float) $answers->figure('systemL')?->quantity?->value;
        self::assertEqualsWithDelta(
            3000 * (1 - (0.392 * 0.434 * 100) / $missing),
            $answers->figure('refillLh')?->quantity?->value,
            1e-6,
        );
        self::assertSame(
            0.0,
            (float) SoundPlan::answer(['refillLh' => 600, 'changePct' => 1, 'visitsMonth' => 4])->figure('refillLh')
                ?->quantity?->value,
            'a small change never empties it',
        );
        self::assertStringContainsString('its chamber runs dry', SoundPlan::said(SoundPlan::of($answers, 'W-36')));
        // Twice the rate, half the minutes to the shut-off.
        self::assertEqualsWithDelta(
            (float) $answers->figure('shutMin')?->quantity?->value / 2,
            SoundPlan::answer(['refillLh' => 1200, 'changePct' => 20, 'visitsMonth' => 1])->figure('shutMin')?->quantity
                ?->value,
            1e-9,
        );
    }

    #[Test]
    public function a_diffuser_dims_what_passes_and_the_light_is_judged_by_what_is_kept(): void
    {
        $lamp = ['name' => 'a', 'xMm' => 588, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 60];
        $bare = SoundPlan::answer([], ['lamps' => [$lamp]]);
        $behind = SoundPlan::answer([], ['lamps' => [[...$lamp, 'through' => 70]]]);
        self::assertEqualsWithDelta(
            0.7 * (float) $bare->figure('parMid')?->quantity?->value,
            $behind->figure('parMid')?->quantity?->value,
            1e-6,
        );
        self::assertStringContainsString(
            'suit small-polyp stony',
            SoundPlan::said(
                SoundPlan::of(
                    SoundPlan::answer(['livestock' => 'stony'], ['lamps' => [[...$lamp, 'ppf' => 40]]]),
                    'K-4',
                ),
            ),
        );
        self::assertStringContainsString(
            'too bright',
            SoundPlan::said(
                SoundPlan::of(
                    SoundPlan::answer(['livestock' => 'soft'], ['lamps' => [[...$lamp, 'ppf' => 2000]]]),
                    'K-4',
                ),
            ),
        );
    }

    #[Test]
    public function one_controller_or_separate_devices_are_counted_each_at_its_own_price(): void
    {
        $device = fn (string $kind): array => ['name' => $kind, 'kind' => $kind, 'widthMm' => 80, 'heightMm' => 60];
        $counts = function (array $board): array {
            $tables = [
                'board' => $board,
                'streams' => [
                    ['name' => 'l', 'flowLh' => 4000, 'end' => 'left', 'aim' => 'surface', 'motor' => 'none'],
                ],
                'ways' => [
                    [
                        'name' => 'w',
                        'holeMm' => 60,
                        'plugMm' => 40,
                        'cables' => 4,
                        'cableMm' => 8,
                        'runMm' => 1500,
                        'leadMm' => 2000,
                        'bushed' => true,
                    ],
                ],
            ];
            $take = TakeOff::of(
                SoundPlan::brief(['returns' => 'two-lines'], $tables),
                SoundPlan::answer(['returns' => 'two-lines'], $tables),
            );

            return array_combine(
                array_map(fn ($l): string => $l->key, $take->lines),
                array_map(fn ($l): float => $l->quantity->value, $take->lines),
            );
        };
        $one = $counts([$device('strip'), $device('controller')]);
        $apart = $counts([
            $device('strip'),
            $device('thermostat'),
            $device('thermostat'),
            $device('timer'),
            $device('switch'),
        ]);
        self::assertSame([1.0, null], [$one['controller'] ?? null, $one['thermostat'] ?? null]);
        self::assertSame(
            [null, 2.0, 1.0, 1.0],
            [$apart['controller'] ?? null, $apart['thermostat'], $apart['timer'], $apart['level-switch']],
        );
        self::assertSame(
            [2.0, 2.0, 1.0, 1.0, 6.0],
            [$one['return-pump'], $one['union'], $one['gate-valve'], $one['stream-pump'], $one['cable']],
            'two pumps, a union at each, the siphon’s valve, four leads of 1.5 m',
        );
        $board = ['boardWidthMm' => 900, 'boardHeightMm' => 500];
        self::assertStringContainsString(
            'One controller switches everything',
            SoundPlan::said(
                SoundPlan::of(
                    SoundPlan::answer($board, ['board' => [$device('strip'), $device('controller')]]),
                    'X-22',
                ),
            ),
        );
        self::assertSame(
            [],
            SoundPlan::of(
                SoundPlan::answer($board, [
                    'board' => [$device('strip'), $device('controller'), $device('thermostat')],
                ]),
                'X-22',
            ),
        );
    }

    #[Test]
    public function a_wish_is_compared_and_bends_nothing(): void
    {
        $said = fn (mixed ...$with): string => SoundPlan::said(Wishes::findings(...$with));
        self::assertSame('', $said(null, 900000, 0, null, 40.0));
        self::assertStringContainsString('The quote is 20 % over', $said(1000000, 1200000, 0, null, null));
        self::assertStringContainsString('stays 10 % under', $said(1000000, 900000, 3, null, null));
        self::assertStringContainsString(
            'It stands 11 d after the day they wish for',
            str_replace(' days', ' d', $said(null, 0, 0, 30, 40.2)),
        );
        self::assertStringContainsString('before the day they wish for', $said(null, 0, 0, 60, 40.2));
    }

    #[Test]
    public function what_cannot_be_is_refused_at_its_field_with_what_could(): void
    {
        $error = function (array $values, array $tables = []): array {
            $errors = SoundPlan::answer($values, $tables)->errors;
            self::assertCount(1, $errors, (string) json_encode(array_map(fn ($e): string => $e->field, $errors)));

            return [$errors[0]->field, $errors[0]->least?->value, $errors[0]->most?->value];
        };
        [$field, $least] = $error(['pumpMaxHeadM' => 0.5]);
        self::assertSame('pumpMaxHeadM', $field);
        self::assertSame(
            [],
            SoundPlan::answer(['pumpMaxHeadM' => (float) $least])->errors,
            'the least it names would do',
        );
        self::assertSame(
            'curve.1.headM',
            $error([], ['curve' => [['flowLh' => 3000, 'headM' => 0.1], ['flowLh' => 0, 'headM' => 0.6]]])[0],
        );
        self::assertSame('sandDepthMm', $error(['sandDepthMm' => 399, 'heightMm' => 300, 'weirBelowRimMm' => 40])[0]);
        self::assertSame('rockKg', $error(['rockKg' => -4])[0]);
    }

    #[Test]
    public function suppliers_are_known_by_what_came(): void
    {
        $order = fn (int $promised, ?int $came, bool $whole = true): array => [
            'orderedDay' => 100,
            'delivery' => new Delivery('tank', 'set', $promised, $came, $whole),
        ];
        $lead = LeadTime::of([$order(110, 112), $order(104, 103), $order(120, null), $order(130, 130, false)]);
        // 12, 3 and 30 days came: 15 in the mean; one after its day, one not whole; what is out says nothing yet.
        self::assertSame([15, 30, 1, 1], [$lead->days, $lead->longestDays, $lead->late, $lead->notWhole]);
        self::assertNull(LeadTime::of([$order(110, null)])->days);
    }

    #[Test]
    public function a_weak_tap_makes_less_ro_water(): void
    {
        $days = fn (array $facts): float => (float) TakeOff::roDays(
            SoundPlan::brief(['roRatedLd' => 190, 'roFeedC' => 12, ...$facts]),
        );

        self::assertEqualsWithDelta(2 * $days([]), $days(['roRatedKpa' => 350, 'roFeedKpa' => 175]), 1e-9);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function worse(array $findings): array
    {
        return array_values(
            array_map(
                fn (Finding $f): string => $f->what->in(Units::metric()),
                array_filter($findings, fn (Finding $f): bool => $f->severity !== Severity::Fine),
            ),
        );
    }
}
