<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\SinceThen;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Hydraulics\WeirHead;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** A finding stands on one side of its limit and not on the other: what is said, and how heavily. */
final class BothSidesTest extends TestCase
{
    /**
     * @return iterable<string, array{
     *     0: array<string, mixed>, 1: array<string, list<array<string, mixed>>>, 2: Phrase, 3: Severity|null
     * }>
     */
    public static function cases(): iterable
    {
        $wall = ['wallOpening' => 'yes', 'lintelGapMm' => 20];
        yield 'props planned' => [[...$wall, 'props' => 'planned'], [], Phrase::TemporaryPropsArePlanned, Severity::Fine];
        yield 'no props by the engineer' => [[...$wall, 'props' => 'none'], [], Phrase::TheEngineersDocumentSaysNoProps, Severity::Fine];
        yield 'nobody planned props' => [[...$wall, 'props' => 'unknown'], [], Phrase::TemporaryPropsAreNotPlanned, Severity::Fix];
        yield 'cables searched' => [[...$wall, 'hiddenCables' => 'searched'], [], Phrase::TheWallWasSearchedForCables, Severity::Fine];
        yield 'cables not searched' => [[...$wall, 'hiddenCables' => 'unknown'], [], Phrase::TheWallWasSearchedForCables, null];
        yield 'room behind the wall' => [[...$wall, 'gapBehindMm' => 600], [], Phrase::ToWorkInBehindTheWall, Severity::Fine];
        yield 'a millimetre too little of it' => [[...$wall, 'gapBehindMm' => 599], [], Phrase::BehindTheWall, Severity::Watch];
        yield 'no wall is opened' => [['wallOpening' => 'no', 'gapBehindMm' => 599], [], Phrase::BehindTheWall, null];

        $acrylic = ['material' => 'acrylic', 'bracing' => 'braced'];
        yield 'acrylic of ten years' => [[...$acrylic, 'tankYears' => 10], [], Phrase::TheAcrylicIsOlderThanTen, null];
        yield 'acrylic of eleven' => [[...$acrylic, 'tankYears' => 11], [], Phrase::TheAcrylicIsOlderThanTen, Severity::Watch];
        yield 'crazed' => [[...$acrylic, 'crazing' => 'yes'], [], Phrase::TheAcrylicIsCrazed, Severity::Fix];
        yield 'not crazed' => [[...$acrylic, 'crazing' => 'no'], [], Phrase::TheAcrylicIsCrazed, null];
        yield 'glass does not craze' => [['crazing' => 'yes', 'tankYears' => 11], [], Phrase::TheAcrylicIsCrazed, null];

        yield 'a cracked stand' => [['standState' => 'cracked'], [], Phrase::TheStandIsCracked, Severity::Stop];
        yield 'a weathered one' => [['standState' => 'weathered'], [], Phrase::TheStandIsOldOrWeathered, Severity::Watch];
        yield 'a new one' => [['standState' => 'new'], [], Phrase::TheStandIsNew, Severity::Fine];

        yield 'level' => [['outOfLevelMmM' => 2], [], Phrase::FloorFallsInAMetre, null];
        yield 'out of level' => [['outOfLevelMmM' => 2.1], [], Phrase::FloorFallsInAMetre, Severity::Fix];

        $hole = fn (float $x, float $y, string $serves = 'main', string $name = ''): array => [
            'name' => $name,
            'pane' => 'back',
            'xMm' => $x,
            'yMm' => $y,
            'diameterMm' => 60,
            'serves' => $serves,
        ];
        // One and a half diameters to the edge: 90.
        yield 'a hole far enough' => [[], ['holes' => [$hole(600, 400)]], Phrase::FromItsCentreToTheEdge, null];
        yield 'a hole too near' => [[], ['holes' => [$hole(80, 400)]], Phrase::FromItsCentreToTheEdge, Severity::Fix];
        yield 'two holes too near' => [[], ['holes' => [$hole(500, 400), $hole(570, 400)]], Phrase::ToTheNextHolesCentre, Severity::Fix];
        yield 'two holes apart' => [[], ['holes' => [$hole(300, 400), $hole(800, 400)]], Phrase::ToTheNextHolesCentre, null];
        yield 'acrylic is drilled' => [$acrylic, ['holes' => [$hole(600, 400)]], Phrase::AcrylicPanesAreDrilledAsThey, Severity::Fine];
        yield 'toughened glass is not' => [['toughened' => 'all'], ['holes' => [$hole(600, 400)]],
            Phrase::AHoleInToughenedGlass, Severity::Stop];
        yield 'a toughened floor, a hole in the back' => [['toughened' => 'floor'], ['holes' => [$hole(600, 400)]],
            Phrase::AHoleInToughenedGlass, null];
        yield 'a toughened floor, a hole in it' => [['toughened' => 'floor'],
            ['holes' => [['pane' => 'floor', 'xMm' => 600, 'yMm' => 300, 'diameterMm' => 60]]],
            Phrase::AHoleInToughenedGlass, Severity::Stop];
        yield 'nobody tried the panes' => [['toughened' => 'unknown'], ['holes' => [$hole(600, 400)]],
            Phrase::NobodyHasTriedWhetherThePanes, Severity::Fix];
        yield 'holes for another number of drains' => [['drainCount' => 2], ['holes' => [$hole(600, 400)]],
            Phrase::HolesAreForMainDrains, Severity::Watch];
        yield 'holes as drains are counted' => [['drainCount' => 1], ['holes' => [$hole(600, 400)]],
            Phrase::HolesAreForMainDrains, null];

        $load = fn (string $name, string $kind, float $w, int $circuit, int $strip): array => [
            'name' => $name,
            'kind' => $kind,
            'watts' => $w,
            'circuit' => $circuit,
            'strip' => $strip,
            'dry' => true,
        ];
        $three = [$load('H1', 'heater', 200, 1, 1), $load('H2', 'heater', 200, 2, 2), $load('P', 'return', 40, 1, 1)];
        yield 'an outlet for each plug' => [['outletsFree' => 3], ['loads' => $three], Phrase::OutletsForPlugs, Severity::Fine];
        yield 'an outlet short' => [['outletsFree' => 2], ['loads' => $three], Phrase::PlugsSwitchedOutlets, Severity::Fix];
        // 16 A at 230 V, 0.8 of it all day: 2 944 W.
        $one = fn (float $w): array => ['loads' => [$load('H', 'heater', $w, 1, 1)]];
        yield 'a circuit at its limit' => [[], $one(2944), Phrase::CircuitCarriesMoreThan, null];
        yield 'a circuit beyond it' => [[], $one(2945), Phrase::CircuitCarriesMoreThan, Severity::Fix];
        yield 'heaters on one strip' => [[], ['loads' => [$load('H1', 'heater', 200, 1, 1), $load('H2', 'heater', 200, 1, 1)]],
            Phrase::AllHeatersOnStrip, Severity::Watch];
        $apart = ['loads' => [$load('H1', 'heater', 200, 1, 1), $load('H2', 'heater', 200, 1, 2)]];
        yield 'heaters on two strips of a circuit' => [[], $apart, Phrase::AllHeatersOnCircuit, Severity::Watch];
        yield 'heaters on two circuits' => [[], ['loads' => $three], Phrase::AllHeatersOnCircuit, null];

        $pipe = fn (float $mm): array => ['standpipeMm' => $mm, 'weirForm' => 'standpipe'];
        // 3 000 L/h stand a fifth of the bore high over a pipe of 76 to 77 mm.
        yield 'a pipe just wide enough' => [$pipe(77), [], Phrase::TheStandpipeRunsAsAPipe, null];
        yield 'a pipe just too narrow' => [$pipe(76), [], Phrase::TheStandpipeRunsAsAPipe, Severity::Watch];
        yield 'a pipe that is wide enough' => [$pipe(200), [], Phrase::TheStandpipeRunsAsAPipe, null];
        yield 'a pipe that governs' => [$pipe(60), [], Phrase::TheStandpipeRunsAsAPipe, Severity::Watch];

        $skimmer = fn (int $chamber, float $least, float $most): array => [
            'skimmerChamber' => $chamber,
            'skimmerLeastMm' => $least,
            'skimmerMostMm' => $most,
        ];
        yield 'a skimmer where the level falls' => [$skimmer(3, 100, 400), [], Phrase::TheSkimmerStandsWhereTheLevel, Severity::Fix];
        yield 'a skimmer before the last baffle' => [$skimmer(2, 100, 400), [], Phrase::TheSkimmerStandsWhereTheLevel, null];
        yield 'a skimmer too deep' => [$skimmer(2, 100, 200), [], Phrase::TheSkimmerStandsTooDeep, Severity::Fix];
        yield 'a skimmer not too deep' => [$skimmer(2, 100, 300), [], Phrase::TheSkimmerStandsTooDeep, null];

        $through = fn (string $through, bool $ticked): array => ['penetrations' => [
            ['name' => 'Drain', 'through' => $through, 'diameterMm' => 60, 'purpose' => 'pipe', 'ticked' => $ticked],
        ]];
        yield 'a way through nobody ticked' => [[], $through('cabinet', false), Phrase::NotTickedYet, Severity::Watch];
        yield 'a way through that is ticked' => [[], $through('cabinet', true), Phrase::EveryPenetrationIsTicked, Severity::Fine];
        yield 'a way through the building' => [[], $through('wall', true), Phrase::ThroughWallFloorOrCeiling, Severity::Watch];
        yield 'a way through the cabinet only' => [[], $through('cabinet', true), Phrase::ThroughWallFloorOrCeiling, null];

        $board = fn (string ...$kinds): array => ['board' => array_map(
            fn (string $kind): array => ['name' => $kind, 'kind' => $kind, 'widthMm' => 100, 'heightMm' => 100],
            $kinds,
        )];
        $size = ['boardWidthMm' => 900, 'boardHeightMm' => 600];
        yield 'a board without a strip' => [$size, $board('controller'), Phrase::NoPowerStrip, Severity::Watch];
        yield 'a board with one' => [$size, $board('strip'), Phrase::NoPowerStrip, null];

        $vessel = fn (float $litresDeepMm): array => ['vessels' => [[
            'name' => 'Refugium', 'shape' => 'rectangular', 'lengthMm' => 1000, 'widthMm' => 600, 'heightMm' => $litresDeepMm + 50,
            'waterMm' => $litresDeepMm,
        ]]];
        yield 'a small vessel' => [[], $vessel(300), Phrase::StandsWithOnAPlace, null];
        yield 'a heavy one' => [[], $vessel(900), Phrase::StandsWithOnAPlace, Severity::Fix];

        $pump = fn (string $end, float $flowLh): array => [
            'name' => $end,
            'flowLh' => $flowLh,
            'end' => $end,
            'aim' => 'surface',
            'motor' => 'dry',
        ];
        yield 'ends alike' => [[], ['streams' => [$pump('left', 5000), $pump('right', 4000)]], Phrase::TheEndsAreNotAlike, null];
        yield 'ends apart' => [[], ['streams' => [$pump('left', 5000), $pump('right', 3999)]], Phrase::TheEndsAreNotAlike, Severity::Watch];
        yield 'one end only' => [[], ['streams' => [$pump('left', 5000), $pump('left', 4000)]],
            Phrase::NoPumpsStandAgainstEachOther, Severity::Watch];

        $strip = ['board' => [['name' => 'strip', 'kind' => 'strip', 'widthMm' => 200, 'heightMm' => 60]]];
        $high = fn (float $mm): array => ['boardWidthMm' => 400, 'boardHeightMm' => $mm];
        yield 'a strip with room for its plugs' => [$high(200), $strip, Phrase::TheBoardHasNoRoomFor, null];
        yield 'a strip without' => [$high(199), $strip, Phrase::TheBoardHasNoRoomFor, Severity::Fix];

        // Stand inside 740; ceiling 2 500 less 800 of stand, 550 of tank, 200 of gap, and the lamp.
        yield 'a cup comes out over the sump' => [['sumpHeightMm' => 490], [], Phrase::BetweenSumpAndBrace, Severity::Fine];
        yield 'it does not' => [['sumpHeightMm' => 491], [], Phrase::BetweenSumpAndBrace, Severity::Watch];
        yield 'hands fit over the lamp' => [['lampHeightMm' => 800], [], Phrase::LeftOverTheLamp, Severity::Fine];
        yield 'they do not' => [['lampHeightMm' => 801], [], Phrase::LeftOverTheLamp, Severity::Watch];
        yield 'a low step' => [['standingMm' => 299], [], Phrase::WorkOverOpenWater, null];
        yield 'a high one' => [['standingMm' => 300], [], Phrase::WorkOverOpenWater, Severity::Watch];
        $door = fn (float $mm): array => ['passages' => [['name' => 'door', 'widthMm' => $mm, 'heightMm' => 2000]]];
        yield 'a door with 30 mm to spare' => [[], $door(580), Phrase::PassesWithToSpare, null];
        yield 'a door with less' => [[], $door(579), Phrase::PassesWithToSpare, Severity::Watch];

        $buy = fn (array $more): array => ['phases' => [['name' => 'Lamp', 'phase' => 1, 'price' => 100, ...$more]]];
        yield 'bought for good' => [[], $buy([]), Phrase::NoPurchaseIsMadeUseless, Severity::Fine];
        yield 'bought for a time' => [[], $buy(['until' => 2]), Phrase::IsOfNoUseFromPhase, Severity::Watch];
        yield 'holes of a later phase' => [[], $buy(['holes' => 1]), Phrase::AllPhasesTogetherTake, Severity::Watch];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[DataProvider('cases')]
    public function it_is_said_on_its_own_side_only(array $values, array $tables, Phrase $says, ?Severity $severity): void
    {
        $answers = SoundPlan::answer($values, $tables);
        self::assertSame([], array_map(fn ($e): string => $e->field, $answers->errors));
        $found = array_values(array_filter(
            $answers->findings,
            fn (Finding $f): bool => $f->what->code === Phrase::room().'.'.$says->value,
        ));

        self::assertSame(
            $severity,
            $found === [] ? null : $found[0]->severity,
            implode(' | ', array_map(fn (Finding $f): string => (string) $f->what->code, $answers->findings)),
        );
    }

    #[Test]
    public function new_light_rises_from_its_share_and_the_dark_days_come_before(): void
    {
        $answers = SoundPlan::answer(['rampWeeks' => 8, 'rampStartPct' => 40, 'darkDays' => 14]);
        $full = self::value($answers, 'dliMol');
        self::assertEqualsWithDelta(0.4 * $full, self::value($answers, 'rampMol'), 1e-9);
        self::assertSame(14.0, self::value($answers, 'darkDays'));
        self::assertNull(SoundPlan::answer(['rampWeeks' => 8])->figure('rampMol'), 'its start is asked too');
        self::assertNull(SoundPlan::answer()->figure('darkDays'));
    }

    #[Test]
    public function a_summer_is_told_once_it_settles_a_degree_and_a_half_over_the_set_point(): void
    {
        $seen = [];
        for ($room = 240; $room <= 330; $room++) {
            $answers = SoundPlan::answer(['summerC' => $room / 10]);
            $settles = self::value($answers, 'settlesSummerC');
            $found = array_values(array_filter($answers->findings, fn (Finding $f): bool => $f->working === 'settlesSummerC'));
            $severity = match (true) {
                $settles > 30 => Severity::Fix,
                $settles > 25.5 + 1.5 => Severity::Watch,
                default => Severity::Fine,
            };
            self::assertSame($severity, $found[0]->severity, "{$room} settles at {$settles}");
            $seen[$severity->value] = $settles;
        }
        self::assertCount(3, $seen, 'all three are met on the way');
        self::assertEqualsWithDelta(27.0, $seen['fine'], 0.15, 'the last that needs no cooling stands close under the limit');
    }

    #[Test]
    public function a_head_under_six_centimetres_is_told_to_be_rough(): void
    {
        $whys = [];
        foreach ([59.0, 61.0] as $headMm) {
            $answers = SoundPlan::answer([
                'weirBelowRimMm' => 110,
                'weirLengthMm' => 250,
                'flowLh' => WeirHead::plainFlowLh($headMm, 250),
            ]);
            self::assertEqualsWithDelta($headMm, self::value($answers, 'weirHeadMm'), 1e-6);
            $weir = array_values(array_filter($answers->findings, fn (Finding $f): bool => $f->rule === 'B-21' && $f->about === 'weir'));
            $whys[] = mb_strlen($weir[0]->why->in(Units::metric()));
        }
        self::assertGreaterThan($whys[1] + 10, $whys[0], 'a sentence more');
    }

    #[Test]
    public function the_grip_of_a_level_stands_on_it_within_the_tank(): void
    {
        $answers = SoundPlan::answer(['weirBelowRimMm' => null, 'weirLengthMm' => null, 'waterGapMm' => 40]);
        $grips = array_column($answers->section->handles ?? [], null, 'field');
        foreach (['waterGapMm' => 0.3, 'sandDepthMm' => 0.72, 'heightMm' => 0.5, 'lampAboveRimMm' => 0.3] as $field => $share) {
            self::assertEqualsWithDelta(1200 * $share, $grips[$field]->x ?? NAN, 1e-9, $field);
        }
    }

    #[Test]
    public function a_lamp_over_a_vessel_that_is_not_there_is_refused(): void
    {
        $vessel = [
            'name' => 'Refugium',
            'shape' => 'rectangular',
            'lengthMm' => 600,
            'widthMm' => 400,
            'heightMm' => 400,
            'waterMm' => 300,
        ];
        $lamp = fn (int $over): array => [
            'lamps' => [...SoundPlan::LAMPS, [...SoundPlan::LAMPS[0], 'over' => $over]],
            'vessels' => [$vessel],
        ];
        self::assertSame([], SoundPlan::answer([], $lamp(1))->errors);
        self::assertSame('lamps.2.over', SoundPlan::answer([], $lamp(2))->errors[0]->field ?? '');
    }

    #[Test]
    public function display_and_sump_cool_apart_by_their_own_water(): void
    {
        $facts = Facts::of(SoundPlan::brief());
        [$display, $sump] = Warmth::apart($facts);
        self::assertEqualsWithDelta(Volumes::displayL($facts), $display?->volumeL, 1e-9);
        self::assertEqualsWithDelta(SumpWater::of($facts)->waterL(), $sump?->volumeL, 1e-9);
        self::assertGreaterThan($sump->coldUaWK, $display->coldUaWK, 'the larger loses more');
        $none = array_fill_keys(['sumpLengthMm', 'sumpWidthMm', 'sumpHeightMm', 'returnLevelMm'], null);
        self::assertSame([null, null], Warmth::apart(Facts::of(SoundPlan::brief($none))));
    }

    #[Test]
    public function what_was_accepted_is_held_against_today_figure_by_figure(): void
    {
        $then = SoundPlan::answer();
        self::assertTrue(SinceThen::of($then, SoundPlan::answer())->isNothing());
        $now = SoundPlan::answer(['rockKg' => 90, 'standState' => 'cracked']);
        $since = SinceThen::of($then, $now);
        self::assertFalse($since->isNothing());
        $keys = array_map(fn (array $pair): string => $pair[0]->key ?? '', $since->figures);
        self::assertContains('systemL', $keys);
        self::assertNotContains('displayGrossL', $keys, 'rock changes what is net, not what is gross');
        self::assertCount(1, $since->stops);
        self::assertSame([], SinceThen::of($now, $then)->stops, 'a Stop that is gone is none');
    }

    private static function value(PlanAnswers $answers, string $key): float
    {
        return $answers->figure($key)->quantity->value ?? self::fail("no figure {$key}");
    }
}
