<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Link\LinkClock;
use Velbrin\Core\Control\Link\Plausible;
use Velbrin\Core\Control\Link\Row;
use Velbrin\Core\Control\Link\Seen;

/** What a device reports, row by row: what is wrong with it, when it was, what is known after it. */
final class LinkRowTest extends TestCase
{
    private const READING = ['seq' => 3, 'boot' => 1, 'upMs' => 500, 'kind' => 'reading', 'id' => 's1', 'value' => 25.4];

    /** @param  array<string, mixed>  $with */
    private static function row(array $with = []): Row
    {
        $row = Row::read([...self::READING, ...$with]);
        self::assertInstanceOf(Row::class, $row);

        return $row;
    }

    #[Test]
    public function what_was_said_comes_through_and_the_same_words_have_the_same_digest(): void
    {
        $row = self::row();
        self::assertSame([3, 1, 500.0, 's1', 25.4], [$row->seq, $row->boot, $row->upMs, $row->id, $row->value]);
        self::assertSame($row->digest(), self::row()->digest());
        foreach (['value' => 25.5, 'boot' => 2, 'upMs' => 501, 'id' => 's2'] as $key => $other) {
            self::assertNotSame($row->digest(), self::row([$key => $other])->digest(), $key);
        }
        self::assertSame($row->digest(), self::row(['seq' => 4])->digest());
        self::assertSame(0.5, self::row(['kind' => 'outlet', 'value' => null, 'level' => 0.5])->value);
    }

    #[Test]
    #[DataProvider('wrong')]
    public function what_cannot_be_is_said_in_words(mixed $given, string $words): void
    {
        $read = Row::read($given);
        self::assertIsString($read);
        self::assertStringContainsString($words, $read);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function wrong(): iterable
    {
        yield 'no object' => ['x', 'not an object'];
        yield 'a key nobody knows' => [[...self::READING, 'colour' => 1], 'colour'];
        yield 'no number' => [array_diff_key(self::READING, ['seq' => 1]), 'seq'];
        yield 'a number below nought' => [[...self::READING, 'seq' => -1], 'seq'];
        yield 'half a number' => [[...self::READING, 'seq' => 1.5], 'seq'];
        yield 'a boot in words' => [[...self::READING, 'boot' => 'x'], 'boot'];
        yield 'never' => [[...self::READING, 'upMs' => null], 'say when'];
        yield 'a time without end' => [[...self::READING, 'upMs' => INF], 'upMs'];
        yield 'another kind' => [[...self::READING, 'kind' => 'poem'], 'kind'];
        yield 'a name too long' => [[...self::READING, 'id' => str_repeat('x', 41)], 'id'];
        yield 'a name of signs' => [[...self::READING, 'id' => "a\nb"], 'id'];
        yield 'a reading of nothing' => [[...self::READING, 'value' => null], 'value'];
        yield 'a value in words' => [[...self::READING, 'value' => '25'], 'numbers'];
        yield 'an outlet of nothing' => [[...self::READING, 'kind' => 'outlet', 'value' => null], 'outlet'];
        yield 'an event of nothing' => [[...self::READING, 'kind' => 'event', 'value' => null], 'code'];
        yield 'on in words' => [[...self::READING, 'on' => 'yes'], 'true or false'];
    }

    #[Test]
    public function its_moment_is_counted_back_within_a_start_and_told_by_its_clock_beyond(): void
    {
        $clock = new LinkClock(receivedS: 1000.0, boot: 1, sentUpMs: 60_500.0, skewS: 30.0);
        self::assertSame(940.0, $clock->at(self::row()));
        // Of another start its own clock counts, less what that is ahead.
        self::assertSame(870.0, $clock->at(self::row(['boot' => 0, 'at' => 900])));
        self::assertNull($clock->at(self::row(['boot' => 0])));
        self::assertNull((new LinkClock(1000.0, 1, null, null))->at(self::row(['at' => 900])));
        self::assertFalse($clock->isAhead(1005.0));
        self::assertTrue($clock->isAhead(1005.1));
        self::assertSame(-5.0, LinkClock::skewS(995.0, 1000.0));
        self::assertNull(LinkClock::skewS(null, 1000.0));
    }

    #[Test]
    public function a_simulated_device_lives_faster(): void
    {
        $clock = new LinkClock(1100.0, 0, 600_000.0, null, ['epochS' => 5_000.0, 'rate' => 60.0, 'helloS' => 1000.0]);
        self::assertSame(11_000.0, $clock->nowS());
        self::assertSame(10_400.5, $clock->at(self::row(['boot' => 0])));
        self::assertFalse($clock->isAhead(11_004.0));
    }

    #[Test]
    public function what_no_probe_can_read_is_told_from_what_is_only_bad(): void
    {
        $can = [['temperature', -5.0], ['temperature', 60.0], ['ph', 2.0], ['ph', 12.0], ['salinity', 0.0], ['salinity', 60.0],
            ['oxygen', 0.0], ['oxygen', 25.0], ['level', -2000.0], ['level', 5000.0], [null, 1e6], [null, -1e6]];
        foreach ($can as [$of, $is]) {
            self::assertTrue(Plausible::is($of, $is), "{$of} {$is}");
        }
        $cannot = [['temperature', -5.1], ['temperature', 60.1], ['ph', 1.9], ['ph', 12.1], ['salinity', -0.1],
            ['salinity', 60.1], ['oxygen', -0.1], ['oxygen', 25.1], ['level', -2001.0], ['level', 5001.0], [null, 1.1e6], [null, -1.1e6]];
        foreach ($cannot as [$of, $is]) {
            self::assertFalse(Plausible::is($of, $is), "{$of} {$is}");
        }
    }

    #[Test]
    public function after_each_row_more_is_known_and_what_is_old_is_not_seen(): void
    {
        $seen = new Seen();
        self::assertSame(-INF, $seen->lastS());
        $seen->take(self::row(), 100.0);
        $seen->take(self::row(['id' => 's2', 'value' => null, 'on' => true]), 100.0);
        $seen->take(self::row(['kind' => 'outlet', 'id' => 'o1', 'value' => null, 'on' => true, 'watts' => 190]), 100.0, 200.0);
        $seen->take(self::row(['kind' => 'event', 'id' => 'o1-1', 'value' => null, 'code' => 'act']), 100.0);
        $seen->take(self::row(['value' => 25.9]), 1900.0);
        $sight = $seen->sight(1900.0);
        self::assertSame(['s1' => 25.9], $sight->probes);
        self::assertSame(['s2' => true], $sight->switches);
        self::assertSame(['o1-1'], $sight->acts);
        self::assertSame([], $sight->ratesPerH, 'unheard for half an hour nobody knows how fast it went');
        self::assertSame([], $sight->draws, 'what an outlet drew half an hour ago is not what it draws');
        self::assertSame(['on' => true, 'w' => 190.0, 'knownW' => 200.0], $seen->sight(1000.0)->draws['o1']);
        self::assertSame(['s1' => 900.0], $seen->sight(2800.0)->stillS);
        self::assertSame(['s1' => 25.9], $seen->sight(2800.0)->probes);
        self::assertSame(['s1' => null], $seen->sight(2801.0)->probes);
        self::assertSame(['o1' => true], $seen->outletsOn());
        foreach ([[0.0, false], [0.4, true]] as [$level, $isOn]) {
            $seen->take(self::row(['kind' => 'outlet', 'id' => 'o1', 'value' => null, 'level' => $level]), 1940.0, 200.0);
            self::assertSame(['o1' => $isOn], $seen->outletsOn(), 'a level says whether it is on');
        }
        $seen->take(self::row(['kind' => 'event', 'id' => 'o1-1', 'value' => null, 'code' => 'reset']), 1950.0);
        self::assertSame([], $seen->sight(1950.0)->acts);
        $kept = Seen::from(json_decode((string) json_encode($seen->kept()), true));
        self::assertEquals($seen->sight(2000.0), $kept->sight(2000.0));
        self::assertEquals($seen->lastS(), $kept->lastS());
    }
}
