<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\Action;
use Velbrin\Core\Emergency\Clock;
use Velbrin\Core\Emergency\CloseGate;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Emergency\IncidentState;
use Velbrin\Core\Emergency\Need;
use Velbrin\Core\Emergency\Own;
use Velbrin\Core\Emergency\PowerWithoutMains;
use Velbrin\Core\Emergency\Readiness;
use Velbrin\Core\Emergency\Rewarm;
use Velbrin\Core\Emergency\Spilling;
use Velbrin\Core\Emergency\StayOrGo;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Tests\Risk\Worlds;
use Velbrin\Core\Tests\Turns;

/** Led through an emergency: what first, how long, stay or go, ready before (E-1 … E-11). */
final class EmergencyTest extends TestCase
{
    use Turns;

    /** @return iterable<string, array{0: EmergencyKind}> */
    public static function events(): iterable
    {
        foreach (EmergencyKind::cases() as $event) {
            yield $event->label() => [$event];
        }
    }

    #[Test]
    public function words_that_end_with_a_full_stop_end_once(): void
    {
        foreach (['The floor is dry', 'The floor is dry.', 'The floor is dry. '] as $words) {
            $says = FirstThree::of(EmergencyKind::PowerCut, new Own(board: $words))[0]->says;
            self::assertSame(
                'Ask who may use the board: The floor is dry. Do neighbours have light?',
                $says->in(Units::metric()),
            );
        }
    }

    #[Test]
    public function the_pace_back_is_told_in_the_unit_of_whoever_reads(): void
    {
        $back = FirstThree::of(EmergencyKind::Cold, new Own())[2]->says;
        $plain = fn (Units $units): string => str_replace("\u{a0}", ' ', $back->in($units));
        self::assertSame('Back up no faster than 1.0 °C an hour.', $plain(Units::metric()));
        self::assertSame('Back up no faster than 1.8 °F an hour.', $plain(Units::us()));
    }

    #[Test]
    #[DataProvider('events')]
    public function every_event_has_three_first_things_in_words_and_what_never_to_do(EmergencyKind $event): void
    {
        $actions = FirstThree::of($event, new Own(board: 'cellar, left of the door, breaker 7'));
        self::assertCount(3, $actions);
        foreach ($actions as $action) {
            $words = $action->says->in(Units::metric());
            self::assertStringNotContainsString('{', $words);
            self::assertGreaterThan(5, strlen($words));
        }
        $never = FirstThree::never($event);
        self::assertStringContainsString('live sockets', $never[count($never) - 1]->in(Units::metric()));
    }

    #[Test]
    #[DataProvider('events')]
    public function where_it_is_wet_the_board_comes_first_and_from_a_dry_place(EmergencyKind $event): void
    {
        $codes = self::codes($event, new Own(wet: true));
        self::assertContains($codes[0], ['board-if-wet', 'touch-nothing', 'out']);
        self::assertCount(3, $codes, 'what it puts off is for after');
        foreach (FirstThree::of($event, new Own(wet: true)) as $action) {
            if (str_starts_with($action->code, 'board')) {
                self::assertStringContainsString('dry place', (string) $action->caution?->in(Units::metric()));
            }
        }
    }

    /** @return iterable<string, array{0: Spilling|null, 1: bool|null, 2: string}> */
    public static function places(): iterable
    {
        yield 'over the display' => [Spilling::Display, null, 'return-off'];
        yield 'over the sump' => [Spilling::Sump, true, 'return-stays'];
        yield 'nobody sees, the sump takes all' => [Spilling::Unknown, true, 'return-off'];
        yield 'nobody sees, the sump does not' => [Spilling::Unknown, false, 'return-stays-unknown'];
        yield 'nobody knows anything' => [null, null, 'return-stays-unknown'];
    }

    #[Test]
    #[DataProvider('places')]
    public function the_return_is_stopped_only_where_that_adds_no_water(?Spilling $where, ?bool $takesAll, string $code): void
    {
        self::assertSame(
            ['board-if-wet', 'all-sources', $code],
            self::codes(EmergencyKind::Flood, new Own(spilling: $where, sumpTakesAll: $takesAll)),
        );
    }

    /** @return iterable<string, array{0: EmergencyKind, 1: list<string>}> */
    public static function afterwards(): iterable
    {
        yield 'hot: fan before chiller before part of the lights before the rest' => [
            EmergencyKind::Hot, ['chiller', 'part-of-lights', 'rest-off', 'cooler-water'],
        ];
        yield 'water on the floor: the return before its chamber is dry' => [EmergencyKind::Flood, ['chamber-low', 'lights-down']];
        yield 'a drain blocked' => [EmergencyKind::DrainBlocked, ['chamber-low', 'lights-down']];
        yield 'a seam: what fills it up again is off' => [EmergencyKind::Leak, ['all-sources', 'heaters-bared', 'chamber-low']];
        yield 'pH high or low' => [EmergencyKind::Overdose, ['lime-off', 'gas-off', 'change-in-steps']];
        yield 'no return' => [EmergencyKind::ReturnDead, ['skimmer-off']];
        yield 'people only' => [EmergencyKind::Fumes, []];
        yield 'people only, at the water' => [EmergencyKind::Tingle, []];
    }

    /** @param  list<string>  $codes */
    #[Test]
    #[DataProvider('afterwards')]
    public function what_comes_after_the_three_comes_in_order(EmergencyKind $event, array $codes): void
    {
        self::assertSame($codes, self::codesOf(FirstThree::then($event, new Own(wet: false))));
    }

    #[Test]
    #[DataProvider('events')]
    public function what_the_board_put_off_is_not_lost_and_a_wet_place_switches_nothing_more(EmergencyKind $event): void
    {
        $all = fn (Own $own): array => self::codesOf([...FirstThree::of($event, $own), ...FirstThree::then($event, $own)]);
        $wet = $all(new Own(wet: true));
        $first = self::codes($event, new Own());
        self::assertSame([], array_diff($first, $wet), 'each of the three is still there');
        self::assertSame([], array_diff($wet, [...$first, 'board-if-wet']), 'and nothing beside them');
        $dry = $all(new Own());
        self::assertSame(array_values(array_unique($dry)), $dry, 'nothing is asked for twice');
    }

    #[Test]
    public function whatever_feeds_the_fault_is_stopped_and_air_stays_before_the_skimmer(): void
    {
        foreach ([EmergencyKind::Flood, EmergencyKind::DrainBlocked, EmergencyKind::Leak] as $event) {
            $all = self::codesOf([...FirstThree::of($event, new Own()), ...FirstThree::then($event, new Own())]);
            self::assertContains('all-sources', $all, $event->value);
        }
        $sources = FirstThree::of(EmergencyKind::Flood, new Own(waterStop: 'under the sink'))[1]->says->in(Units::metric());
        foreach (['top-off', 'RO', 'under the sink'] as $source) {
            self::assertStringContainsString($source, $sources);
        }
        $hot = [...FirstThree::of(EmergencyKind::Hot, new Own()), ...FirstThree::then(EmergencyKind::Hot, new Own())];
        self::assertSame('aerate', $hot[1]->code, 'warm water holds less air: it comes first');
        self::assertNotContains('skimmer-off', self::codesOf($hot));
        $stays = FirstThree::staysOn(EmergencyKind::Hot, new Own())->in(Units::metric());
        self::assertStringContainsString('air inside the tank stay on; skimmers go off last', $stays);
    }

    #[Test]
    public function people_come_before_animals(): void
    {
        self::assertSame(['out', 'emergency-number', 'air-from-outside'], self::codes(EmergencyKind::Fumes, new Own()));
        self::assertSame(['touch-nothing', 'board-off', 'electrician'], self::codes(EmergencyKind::Tingle, new Own(wet: true)));
    }

    #[Test]
    public function what_was_never_surveyed_is_said(): void
    {
        $words = FirstThree::of(EmergencyKind::Tingle, new Own())[1]->says->in(Units::metric());
        self::assertStringContainsString('never surveyed', $words);
    }

    #[Test]
    public function an_incident_goes_step_by_step_and_danger_takes_it_back_to_people(): void
    {
        $way = ['reported', 'confirmed', 'people-safe', 'source-stopped', 'holding', 'restoring', 'watching', 'closed'];
        foreach ($way as $i => $one) {
            $state = IncidentState::from($one);
            self::assertSame($i < 7, $state->isOpen());
            foreach (IncidentState::cases() as $next) {
                $isNext = $next->value === ($way[$i + 1] ?? null);
                if ($isNext) {
                    self::assertTrue($state->leadsTo($next));
                }
            }
        }
        self::assertFalse(IncidentState::Reported->leadsTo(IncidentState::Closed));
        self::assertFalse(IncidentState::SourceStopped->leadsTo(IncidentState::Watching));
        self::assertSame(IncidentState::Confirmed, IncidentState::Watching->onDanger());
        self::assertSame(IncidentState::Closed, IncidentState::Closed->onDanger());
        self::assertSame([], IncidentState::Closed->next());
    }

    #[Test]
    public function it_closes_only_after_a_day_in_its_band_with_nothing_open(): void
    {
        self::assertSame([], CloseGate::open(24.0, 0, 0, true, true));
        self::assertSame(['watch'], CloseGate::open(23.99, 0, 0, true, true));
        self::assertSame(['override', 'debt', 'review', 'restock'], CloseGate::open(30, 1, 1, false, false));
        foreach (['watch', 'override', 'debt', 'review', 'restock'] as $code) {
            self::assertNotSame('', CloseGate::words($code));
        }
    }

    #[Test]
    public function a_reading_starts_the_clock_anew_and_two_make_a_line_the_shorter_shows(): void
    {
        // Falls 0.5 an hour from 25 to 18: fourteen hours.
        $course = fn (float $from): float => ($from - 18) / 0.5;
        $clock = fn (array $readings, float $now): Clock => Clock::of($readings, $now, $course, 25, 18, false);
        self::assertEqualsWithDelta(14, $clock([], 0)->leftH, 1e-9);
        self::assertEqualsWithDelta(12, $clock([], 2)->leftH, 1e-9);
        $one = $clock([['atH' => 2.0, 'value' => 23.0]], 3);
        self::assertEqualsWithDelta([9, null], [$one->leftH, $one->fittedH], 1e-9);
        $two = $clock([['atH' => 2.0, 'value' => 23.0], ['atH' => 2.5, 'value' => 22.0]], 2.5);
        self::assertEqualsWithDelta([8, 2, 2], [$two->computedH, $two->fittedH, $two->leftH], 1e-9);
        $near = $clock([['atH' => 2.0, 'value' => 23.0], ['atH' => 2.49, 'value' => 22.0]], 2.49);
        self::assertNull($near->fittedH, 'too near to each other to say anything');
        self::assertNull($clock([['atH' => 1.0, 'value' => 22.0], ['atH' => 2.0, 'value' => 23.0]], 2.0)->fittedH, 'it recovers');
        self::assertSame(0.0, $clock([['atH' => 1.0, 'value' => 22.0], ['atH' => 2.0, 'value' => 17.0]], 2.0)->leftH);
        self::assertNull(Clock::of([], 5, fn (): ?float => null, 25, 18, false)->leftH);
        $this->expectException(OutOfRange::class);
        $clock([['atH' => 3.0, 'value' => 23.0]], 2.0);
    }

    /** @return iterable<string, array{float|null, float|null, float|null, float|null, float|null, bool|null, string}> */
    public static function stays(): iterable
    {
        yield 'the tank lasts' => [6, 6, null, null, null, false, 'tank'];
        yield 'never harmed' => [null, 6, 1, 1, null, false, 'tank'];
        yield 'it does not, the boxes do, caught in time' => [5.9, 6, 6, 5.8, null, true, 'tank'];
        yield 'the boxes do not' => [5.9, 6, 5.9, 1, null, false, 'boxes'];
        yield 'but another place is nearer' => [5.9, 8, 5.9, 1, 5.9, true, 'tank'];
        yield 'catching takes as long' => [5.9, 6, 7, 5.9, null, false, 'catch'];
        yield 'nobody knows the boxes' => [5, 6, null, 1, null, null, 'boxes'];
        yield 'nobody knows the catching' => [5, 6, 7, null, null, null, 'catch'];
        yield 'nobody knows when it is right again' => [5, null, 7, 1, null, null, 'restore'];
    }

    #[Test]
    #[DataProvider('stays')]
    public function stay_or_go_is_decided_by_numbers(
        ?float $tank,
        ?float $restore,
        ?float $boxes,
        ?float $catch,
        ?float $next,
        ?bool $go,
        string $by,
    ): void {
        $said = StayOrGo::of($tank, $restore, $boxes, $catch, $next);
        self::assertSame([$go, $by], [$said->go, $said->by]);
        self::assertNotSame('', $said->words());
    }

    #[Test]
    public function warming_keeps_to_a_degree_an_hour_while_the_heater_can(): void
    {
        // 100 L: 113.4 Wh a degree; 5 W/K, room 15.
        $strong = Rewarm::of(100, 5, 15, 18, 24, 400);
        self::assertEqualsWithDelta(6, $strong->hours, 1e-9);
        self::assertEqualsWithDelta(100 * 1.0233 * 3990 / 3600 + 5 * 9, $strong->neededW, 1e-6);
        self::assertEqualsWithDelta(60 * (100 * 1.0233 * 3990 / 3600 + 15) / 400, $strong->onMinPerH, 1e-6);
        $weak = Rewarm::of(100, 5, 15, 18, 24, 60);
        $wh = 100 * 1.0233 * 3990 / 3600;
        self::assertEqualsWithDelta($wh / 5 * log((60 - 15) / (60 - 45)), $weak->hours, 1e-9);
        self::assertNull(Rewarm::of(100, 5, 15, 18, 24, 45)->hours, 'it only holds 24');
        self::assertSame(0.0, Rewarm::of(100, 5, 15, 24, 24, 0)->hours);
        self::assertNull(Rewarm::of(100, 0, 15, 18, 24, 0)->hours);
    }

    #[Test]
    public function what_is_three_days_off_is_a_clock_and_later_is_none(): void
    {
        self::assertSame([true, false, false], array_map(Clock::isNear(...), [72.0, 72.1, null]));
    }

    #[Test]
    public function a_large_heater_in_a_small_box_runs_past_its_thermostat(): void
    {
        $heats = fn (float $watts): Rewarm => Rewarm::of(20, 2, 18, 20, 24, $watts);
        $watts = self::turning(fn (float $w): bool => ! $heats($w)->overshoots(), 10, 300);
        self::assertEqualsWithDelta(0.5, $heats($watts)->overshootK, 1e-3);
        $this->expectException(OutOfRange::class);
        Rewarm::of(20, 2, 18, 24, 20, 300);
    }

    #[Test]
    public function ready_is_what_serves_before_the_harm_and_not_known_is_not_ready(): void
    {
        $air = fn (
            ?float $has,
            ?float $within,
            ?bool $good,
        ): Need => new Need('air', [Hazard::PowerCut], 2, 'pumps', $has, 'van', $within, $good);
        $of = fn (Need ...$needs): Readiness => Readiness::of(
            ['power-cut' => 2.2, 'heater-off' => 20.0, 'leak' => null],
            array_values($needs),
            ['power-cut' => 900.0, 'heater-off' => 100.0],
        );
        $heater = new Need('heater', [Hazard::HeaterStuckOff], null, 'heater', 1, 'depot', 3.0, true);
        self::assertSame(1.0, $of($air(2, 2.2, true), $heater)->share);
        self::assertSame(0.5, $of($air(2, 2.21, true), $heater)->share);
        self::assertSame(0.1, $of($air(1, 1, true), $heater)->shareByLoss, 'one of two is not enough');
        foreach ([$air(null, 1, true), $air(2, null, true), $air(2, 1, null), $air(2, 1, false)] as $need) {
            self::assertSame([Hazard::PowerCut], $of($need, $heater)->unserved);
        }
    }

    #[Test]
    public function what_stands_in_for_the_mains_is_ranked_by_how_long_this_tank_lasts_with_it(): void
    {
        $ranked = PowerWithoutMains::of(Worlds::tank(24.0));
        $by = array_column(array_map(fn (PowerWithoutMains $p): array => [$p->code, $p], $ranked), 1, 0);
        self::assertSame('generator', $ranked[0]->code);
        self::assertSame('nothing', $ranked[count($ranked) - 1]->code);
        self::assertEqualsWithDelta(300 * 0.8 * 0.9 / 12, $by['pump']->runsH, 1e-9);
        self::assertEqualsWithDelta(300 * 0.8 * 0.9 / 4, $by['stone']->runsH, 1e-9);
        self::assertEqualsWithDelta(720 * 0.5 / (12 / 0.85 + 10), $by['car']->runsH, 1e-9);
        self::assertGreaterThan($by['nothing']->harmH, $by['pump']->harmH ?? INF);
        self::assertArrayNotHasKey('own', $by);
    }

    /** @return list<string> */
    private static function codes(EmergencyKind $event, Own $own): array
    {
        return self::codesOf(FirstThree::of($event, $own));
    }

    /**
     * @param  list<Action>  $actions
     * @return list<string>
     */
    private static function codesOf(array $actions): array
    {
        return array_map(fn (Action $a): string => $a->code, $actions);
    }
}
