<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\DoserLine;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Risk\Cause;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\Fills;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\HandState;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Phrase;
use Velbrin\Core\Risk\Place;

/** Each hazard nobody would notice asks for somebody who is called, and for the thing that stops it by itself (R-53). */
final class RemediesTest extends TestCase
{
    /** @return iterable<string, array{0: Hazard, 1: Phrase}> */
    public static function remedies(): iterable
    {
        yield 'dosing stops' => [Hazard::DoseStops, Phrase::AlkalinityReadTwiceAWeek];
        yield 'the top-off runs on' => [Hazard::TopOffOn, Phrase::ASmallerStore];
        yield 'the top-off stops' => [Hazard::TopOffOff, Phrase::ALevelAlarmInTheReturn];
        yield 'the controller is dead' => [Hazard::ControllerDead, Phrase::HeatersWithThermostatsOfTheirOwn];
        yield 'the drain is blocked' => [Hazard::DrainBlocked, Phrase::AnEmergencyPipeThatTakes];
        yield 'the room fails' => [Hazard::RoomClimate, Phrase::AFanOrAChiller];
        yield 'the lamp is dead' => [Hazard::LampDead, Phrase::ALampOnTheShelf];
        yield 'a seam leaks' => [Hazard::Leak, Phrase::ATrayWithADrain];
        yield 'the filling line runs on' => [Hazard::LineOverflow, Phrase::TwoStopsThatWorkApart];
        yield 'the skimmer overflows' => [Hazard::SkimmerOverflow, Phrase::ACollectorThatShutsTheSkimmer];
        yield 'something is left shut' => [Hazard::LeftOpen, Phrase::TheClosingCheckBeforeLeaving];
        yield 'an arrival' => [Hazard::Arrival, Phrase::AQuarantineForEveryArrival];
        yield 'a death' => [Hazard::Ammonia, Phrase::SomebodyWhoLooksEachDay];
        yield 'a head runs on' => [Hazard::Overdose, Phrase::ASmallerVessel];
    }

    #[Test]
    #[DataProvider('remedies')]
    public function what_nobody_notices_asks_for_a_call_and_for_its_own_stop(Hazard $hazard, Phrase $stop): void
    {
        $hand = HoursInHand::of($hazard, Worlds::tank(30.0, [new Heater('a', 150, 'a')], self::side()), [], new Place(2, [], [], null));

        self::assertNotNull($hand->harms[0]->hours ?? null, 'it does harm here');
        self::assertSame([HandState::Unnoticed, Severity::Fix, 0.0], [$hand->state(), $hand->finding->severity, $hand->hours]);
        $asks = explode('+', (string) $hand->finding->remedy?->code);
        self::assertContains(Phrase::room().'.'.Phrase::AnAlarmThatCallsSomebody->value, $asks);
        self::assertContains(Phrase::room().'.'.$stop->value, $asks);
    }

    #[Test]
    public function what_does_no_harm_says_what_holds_it(): void
    {
        $heaters = [new Heater('a', 150, 'a'), new Heater('b', 150, 'b')];
        $hand = fn (Hazard $hazard): HoursInHand => HoursInHand::of(
            $hazard,
            Worlds::tank(18.0, $heaters),
            [],
            new Place(2, [], [], null),
        );
        foreach ([[Hazard::HeaterStuckOff, Phrase::WhatStillWorksHolds], [Hazard::HeaterStuckOn, Phrase::ItSettlesAt]] as [$hazard, $why]) {
            $finding = $hand($hazard)->finding;
            self::assertSame([Severity::Fine, HandState::NoHarm], [$finding->severity, $hand($hazard)->state()]);
            self::assertSame(Phrase::room().'.'.$why->value, $finding->why->code);
        }
    }

    #[Test]
    public function a_vessel_that_stands_too_high_goes_down_before_it_gets_smaller(): void
    {
        $high = new DoserLine(aboveMm: 300.0, hasBreak: false, boreMm: 4.0, lengthM: 2.0);
        $dose = new Dose('Alkalinity', 600, Liquid::Carbonate, 1.0, 3000, 50, line: $high);
        $hand = HoursInHand::of(
            Hazard::Overdose,
            Worlds::tank(20.0, side: new Waterside(doses: [$dose])),
            [],
            new Place(2, [], [], null),
        );
        $asks = explode('+', (string) $hand->finding->remedy?->code);
        self::assertSame(
            [Phrase::VesselsLower->value, Phrase::ASmallerVessel->value],
            array_map(fn (string $code): string => substr($code, 5), array_slice($asks, -2)),
        );
    }

    #[Test]
    public function a_cause_reads_back_and_says_each_hazard_in_words_of_its_own(): void
    {
        $words = [];
        foreach (Hazard::cases() as $hazard) {
            foreach (HandState::cases() as $state) {
                $cause = Cause::of($hazard, 'floor', $state);
                $read = Cause::read($cause->code());
                self::assertEquals($cause, $read);
            }
            $words[] = Cause::of($hazard, 'floor', HandState::Late)->words();
        }
        self::assertSame($words, array_unique($words));
        self::assertNull(Cause::read('no-such:floor:late'));
        self::assertNull(Cause::read('leak:floor:no-such'));
        self::assertNull(Cause::read('leak'));
    }

    #[Test]
    public function the_same_fault_is_told_by_what_ends_first(): void
    {
        $said = fn (Hazard $hazard, string $by): string => Cause::of($hazard, $by, HandState::Late)->words();
        self::assertNotSame($said(Hazard::PowerCut, 'oxygen'), $said(Hazard::PowerCut, 'temperature'));
        self::assertCount(3, array_unique([
            $said(Hazard::ReturnDead, 'sump'),
            $said(Hazard::ReturnDead, 'oxygen'),
            $said(Hazard::ReturnDead, 'temperature'),
        ]));
        self::assertSame($said(Hazard::TopOffOn, 'pH'), $said(Hazard::TopOffOn, 'alkalinity'));
        self::assertCount(3, array_unique([
            $said(Hazard::TopOffOn, 'pH'),
            $said(Hazard::TopOffOn, 'floor'),
            $said(Hazard::TopOffOn, 'thin salt'),
        ]));
        self::assertNotSame($said(Hazard::DrainBlocked, 'floor'), $said(Hazard::DrainBlocked, 'dry pump'));
    }

    #[Test]
    public function what_one_measure_may_mend_for_all_is_shared(): void
    {
        $shared = array_filter(HandState::cases(), fn (HandState $s): bool => Cause::of(Hazard::Leak, 'floor', $s)->isShared());
        self::assertSame(
            ['unnoticed', 'locked', 'late', 'open', 'at-most'],
            array_values(array_map(fn (HandState $s): string => $s->value, $shared)),
        );
        $acting = array_filter(HandState::cases(), fn (HandState $s): bool => $s->canAct());
        self::assertSame(['at-most', 'short', 'in-hand'], array_values(array_map(fn (HandState $s): string => $s->value, $acting)));
        $words = array_map(fn (HandState $s): string => $s->words(), HandState::cases());
        self::assertSame($words, array_unique($words));
    }

    private static function side(): Waterside
    {
        return new Waterside(
            topUp: new TopUp(600, 35, 60, 60, 25, 12, 6),
            draining: new Draining(21.6, 40, 1800),
            doses: [new Dose('head', 600, Liquid::Carbonate, 1.0, 3000, 50, mlDay: 60)],
            fills: [Fills::skimmer()],
            skimmer: Fills::skimmer(),
            lost: [new LostOutlet('heater a', Job::Heater, 1.0, 150)],
            hasLamp: true,
            leakL: 300.0,
            roomTempered: true,
            roomUntemperedC: 38.0,
            hasDrain: true,
        );
    }
}
