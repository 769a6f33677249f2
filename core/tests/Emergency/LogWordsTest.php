<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Emergency\IncidentState;
use Velbrin\Core\Emergency\LogWords;
use Velbrin\Core\Emergency\Own;
use Velbrin\Core\Emergency\Said;
use Velbrin\Core\Emergency\Spilling;
use Velbrin\Core\Measure\Units;

/** A line of an incident is told in words; the codes it is kept by are not for people. */
final class LogWordsTest extends TestCase
{
    /** @return iterable<string, array{0: Said, 1: string|null, 2: string|null}> */
    public static function lines(): iterable
    {
        yield 'a state' => [Said::State, 'source-stopped', 'its source is stopped'];
        yield 'a state nobody knows' => [Said::State, 'asleep', null];
        yield 'an action' => [Said::Did, 'battery-air', 'did: Battery pump or air on, at the surface.'];
        yield 'an action that speaks of the place' => [Said::Did, 'board-off', 'did: Mains of the wet gear off: cellar, left.'];
        yield 'an action nobody knows' => [Said::Did, 'sang-to-it', null];
        yield 'wet' => [Said::Look, 'wet', 'saw water at electrics'];
        yield 'dry' => [Said::Look, 'dry', 'saw that all is dry'];
        yield 'over the sump' => [Said::Look, 'sump', 'saw that it runs over the sump'];
        yield 'a look at nothing known' => [Said::Look, 'attic', null];
        yield 'a reading has its number' => [Said::Reading, 'temperature', null];
        yield 'a call has its words' => [Said::Called, null, null];
    }

    #[Test]
    #[DataProvider('lines')]
    public function each_line_is_told(Said $said, ?string $of, ?string $words): void
    {
        $own = new Own(board: 'cellar, left');
        self::assertSame($words, LogWords::of($said, $of, $own)?->in(Units::metric()));
    }

    #[Test]
    public function all_that_can_be_done_seen_or_stood_at_has_words(): void
    {
        $spills = array_map(fn (Spilling $s): Own => new Own(spilling: $s), Spilling::cases());
        $places = [new Own(wet: true), new Own(wet: false), ...$spills];
        foreach (EmergencyKind::cases() as $event) {
            foreach ($places as $own) {
                foreach ([...FirstThree::of($event, $own), ...FirstThree::then($event, $own)] as $action) {
                    $told = LogWords::of(Said::Did, $action->code, $own)?->in(Units::metric());
                    self::assertSame('did: '.$action->says->in(Units::metric()), $told, $action->code);
                }
            }
        }
        foreach (IncidentState::cases() as $state) {
            self::assertSame($state->label(), LogWords::of(Said::State, $state->value, new Own())?->in(Units::metric()));
        }
    }
}
