<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\ByHand;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Control\Programme\Correction;
use Velbrin\Core\Control\Programme\Rungs;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Control\Programme\Words;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;

/** A set-up in sentences, as a ladder, on the sheet for hands; and what is offered where something stands against it. */
final class WordsTest extends TestCase
{
    /** @param  array<string, mixed>  $change */
    private static function read(array $change = []): Setup
    {
        return SetupReader::read(array_replace_recursive(CheckerTest::sound(), $change));
    }

    private static function plain(Sentence $sentence): string
    {
        return str_replace(["\u{A0}", "\u{202F}"], ' ', $sentence->in(Units::metric()));
    }

    /** @return array<string, string> by outlet */
    private static function rules(Setup $setup): array
    {
        $words = new Words($setup);
        $said = [];
        foreach ($setup->programme->outlets as $outlet) {
            $said[$outlet->id] = self::plain($words->rule($outlet));
        }

        return $said;
    }

    #[Test]
    public function each_kind_of_rule_is_said_in_a_sentence(): void
    {
        $said = self::rules(self::read(['outlets' => [
            4 => ['rule' => ['kind' => 'day', 'ramp' => true, 'points' => [['minute' => 450, 'level' => 'off'],
                ['minute' => 600, 'level' => 0.5], ['minute' => 1290, 'level' => 'on']]]],
        ]]));
        self::assertSame([
            'heater1' => 'starts below 25.3 °C, stops at 25.6 °C',
            'heater2' => 'starts below 25.0 °C, stops at 25.4 °C',
            'chiller' => 'starts above 26.6 °C, stops at 26.2 °C',
            'return' => 'on',
            'stream' => 'rises and falls: off at 07:30, 50 % at 10:00, on at 21:30',
            'skimmer' => 'follows return pump, 5 min later',
            'topoff' => 'fills when low for 5 s, until high, 2 min at most, 8 L in 24 h at most',
            'alk' => '2 doses of 10 mL a day, 40 mL in 24 h at most',
        ], $said);
    }

    #[Test]
    public function what_follows_the_other_way_round_and_what_has_no_limit_says_so(): void
    {
        $setup = CheckerTest::sound();
        $setup['outlets'][5]['rule'] = ['kind' => 'follow', 'outlet' => 'return', 'inverse' => true, 'offDelayS' => 90];
        unset($setup['outlets'][6]['rule']['longestS'], $setup['outlets'][6]['rule']['mostL'], $setup['outlets'][7]['rule']['capMl']);
        $setup['outlets'][4]['rule'] = ['kind' => 'timed-run', 's' => 7200];
        $said = self::rules(SetupReader::read($setup));
        self::assertSame('on while return pump is off, off 90 s after it', $said['skimmer']);
        self::assertSame('fills when low for 5 s, until high', $said['topoff']);
        self::assertSame('2 doses of 10 mL a day', $said['alk']);
        self::assertSame('on for 2 h at the press of a button', $said['stream']);
        foreach ([119 => '119 s', 120 => '2 min', 7140 => '119 min', 7200 => '2 h'] as $s => $time) {
            $setup['outlets'][4]['rule'] = ['kind' => 'timed-run', 's' => $s];
            self::assertSame("on for {$time} at the press of a button", self::rules(SetupReader::read($setup))['stream']);
        }
    }

    #[Test]
    public function times_pauses_guards_and_alarms_have_their_sentences(): void
    {
        $rests = ['maximumOnS' => 3600, 'afterMaximum' => 'rest'];
        $setup = self::read(['names' => ['floor' => 'the floor switch'], 'outlets' => [2 => $rests]]);
        $words = new Words($setup);
        [$heater, , $chiller] = $setup->programme->outlets;
        self::assertSame(
            ['off for 5 min at least', 'on for 60 min at most, then it rests', 'waits 4 min when power returns'],
            array_map(self::plain(...), $words->manners($chiller)),
        );
        self::assertSame(['feeding: off for 10 min'], array_map(self::plain(...), $words->manners($heater)));
        self::assertSame(
            'off when above 26.5 °C for 60 s; somebody looks before it works again',
            self::plain($words->guard($setup->programme->guards[0])),
        );
        $says = array_map(fn ($a): string => self::plain($words->alarm($a)), $setup->alarms);
        self::assertSame([
            't2 is above 27.5 °C for 10 min',
            't2 is below 23.4 °C for 10 min',
            'the guard of heater 1, sump acts',
            'the floor switch is wet for 10 min',
            'nothing is heard for 10 min',
            'heater 1, sump draws nothing while it is on for 10 min',
            'heater 2, sump draws nothing while it is on for 10 min',
        ], $says);
    }

    #[Test]
    public function the_ladder_has_every_limit_in_order_between_harm_and_harm(): void
    {
        $rungs = Rungs::of(self::read(), 'temperature', [18.0, 30.0]);
        $values = array_column($rungs->rungs, 'value');
        $sorted = $values;
        sort($sorted);
        self::assertSame($sorted, $values);
        self::assertSame([18.0, 23.4, 25.0, 25.3, 25.4, 25.6, 26.2, 26.5, 26.6, 27.5, 30.0], $values);
        self::assertSame([25.2, 25.9], [$rungs->usualLow, $rungs->usualHigh]);
        self::assertSame([], Rungs::of(self::read(), 'ph', null)->rungs);
        self::assertNull(Rungs::of(self::read(['probes' => [0 => ['historyDays' => 6]]]), 'temperature', null)->usualLow);
    }

    #[Test]
    public function on_the_sheet_for_hands_what_keeps_animals_alive_comes_first_and_what_adds_stays_out(): void
    {
        $lines = ByHand::of(self::read());
        self::assertSame('return', $lines[0]['outlet']->id);
        $by = [];
        foreach ($lines as $line) {
            $by[$line['outlet']->id] = self::plain($line['says']);
        }
        self::assertStringContainsString('in at 25.3 °C, out at 25.6 °C', $by['heater1']);
        foreach (['topoff', 'alk'] as $adds) {
            self::assertStringStartsWith('Out.', $by[$adds]);
        }
        self::assertStringContainsString('always has power', $by['return']);
    }

    #[Test]
    public function each_correction_answers_its_objection_and_brings_no_other(): void
    {
        $wrong = [
            'K-20k' => ['outlets' => [6 => ['lostLink' => 'on']]],
            'K-20n' => ['outlets' => [5 => ['pauses' => ['feeding' => ['s' => 600]]]]],
            'K-20q' => ['outlets' => [2 => ['minimumOffS' => 0]]],
            'K-20w' => ['outlets' => [3 => ['powerReturnS' => 20]]],
            'K-53' => ['guards' => [0 => ['blind' => null]]],
        ];
        foreach ($wrong as $code => $change) {
            $document = array_replace_recursive(CheckerTest::sound(), $change);
            $setup = SetupReader::read($document);
            $finding = Checker::check($setup)[0];
            self::assertSame($code, $finding->code);
            $correction = Correction::of($finding, $setup);
            self::assertNotNull($correction, $code);
            self::assertSame([], Checker::check(SetupReader::read(self::corrected($document, $correction->changes))), $code);
        }
        $heater = self::read(['outlets' => [0 => ['lostLink' => null]]]);
        self::assertNull(Correction::of(Checker::check($heater)[0], $heater), 'on or off is for a person to say');
    }

    #[Test]
    public function a_state_without_a_link_is_said_for_both_seasons_where_they_differ(): void
    {
        $says = function (array $states): string {
            $setup = self::read(['outlets' => [0 => $states]]);

            return (new Words($setup))->lostLink($setup->programme->outlets[0])->in(Units::metric());
        };
        self::assertSame('on, in summer off', $says(['lostLink' => 'on', 'lostLinkSummer' => 'off']));
        self::assertSame('off', $says(['lostLink' => 'off', 'lostLinkSummer' => 'off']));
        self::assertSame('on', $says(['lostLink' => 'on', 'lostLinkSummer' => null]));
        self::assertSame('nobody has said, in summer off', $says(['lostLink' => null, 'lostLinkSummer' => 'off']));
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<array{id: string, path: string, value: string|float}>  $changes
     * @return array<string, mixed>
     */
    private static function corrected(array $document, array $changes): array
    {
        foreach ($changes as $change) {
            foreach (['outlets', 'guards'] as $list) {
                foreach ($document[$list] as &$part) {
                    if ($part['id'] !== $change['id']) {
                        continue;
                    }
                    $at = &$part;
                    foreach (explode('.', $change['path']) as $step) {
                        $at = &$at[$step];
                    }
                    $at = $change['value'];
                    unset($at);
                }
                unset($part);
            }
        }

        return $document;
    }
}
