<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Plant\Happening;
use Velbrin\Core\Control\Plant\Repeated;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\Wear;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** What comes again and again in a run is told once, and what it wears out is said. */
final class WearTest extends TestCase
{
    /** @return list<Happening> a guard that acts so often, so far apart */
    private static function acts(int $times, float $everyS, string $guard = 'dry', float $fromS = 0.0): array
    {
        return array_map(
            fn (int $n): Happening => new Happening($fromS + $n * $everyS, 'guard', $guard, 'return'),
            range(0, $times - 1),
        );
    }

    #[Test]
    public function four_times_within_a_quarter_of_an_hour_each_are_told_once(): void
    {
        [$once] = Repeated::gather(self::acts(4, 900));
        self::assertSame([4, 0.0, 2700.0], [$once->times, $once->first->atS, $once->untilS]);
        self::assertCount(3, Repeated::gather(self::acts(3, 10)), 'three are told one by one');
        self::assertCount(4, Repeated::gather(self::acts(4, 900.1)), 'and what comes later than that');
        self::assertSame([], Repeated::gather([]));
    }

    #[Test]
    public function each_is_gathered_by_itself_and_none_is_lost(): void
    {
        $happened = [...self::acts(5, 60), ...self::acts(5, 60, 'hot', 30.0), new Happening(100.0, 'harm', 'cold')];
        usort($happened, fn (Happening $a, Happening $b): int => $a->atS <=> $b->atS);
        $told = Repeated::gather($happened);
        self::assertSame(['dry', 'hot', 'cold'], array_map(fn (Repeated $r): string => $r->first->of, $told), 'by when each began');
        self::assertSame(count($happened), array_sum(array_map(fn (Repeated $r): int => $r->times, $told)));
        $apart = Repeated::gather([...self::acts(4, 60), ...self::acts(4, 60, 'dry', 5000.0)]);
        self::assertSame([0.0, 5000.0], array_map(fn (Repeated $r): float => $r->first->atS, $apart), 'after a rest it begins anew');
    }

    /**
     * An outlet that starts so often in each of so many hours.
     *
     * @return list<Finding>
     */
    private static function worn(string $job, int $perH, int $hours = 6, float $begins = 0.0): array
    {
        $changes = [['fromS' => 0.0, 'level' => $begins, 'says' => 'rule'], ['fromS' => 30.0, 'level' => 0.0, 'says' => 'rule']];
        for ($n = 0; $n < $perH * $hours; $n++) {
            $changes[] = ['fromS' => 60 + $n * 3600 / $perH, 'level' => 1.0, 'says' => 'rule'];
            $changes[] = ['fromS' => 90 + $n * 3600 / $perH, 'level' => 0.0, 'says' => 'rule'];
        }
        $run = new Run([], ['one' => $changes], [], [], 0.0, 0.0, [], [], 0);
        $setup = SetupReader::read([
            'schema' => 1,
            'outlets' => [['id' => 'one', 'place' => 'that one', 'lostLink' => 'off', 'rule' => ['kind' => 'on'],
                'hung' => ['job' => $job, 'watts' => 40]]],
        ]);

        return Wear::of($run, $setup);
    }

    #[Test]
    public function a_compressor_bears_six_starts_an_hour_and_a_relay_three_years(): void
    {
        self::assertSame([], self::worn('chiller', 6));
        [$chiller] = self::worn('chiller', 7);
        self::assertSame([Severity::Fix, 'K-55'], [$chiller->severity, $chiller->rule]);
        self::assertSame('that one starts 7 times an hour in this run', $chiller->what->in(Units::metric()));
        self::assertSame([], self::worn('return-pump', 3), '100 000 in three years are 3.8 an hour');
        [$pump] = self::worn('return-pump', 4);
        self::assertSame(Severity::Watch, $pump->severity);
        self::assertStringContainsString('over in 1', $pump->why->in(Units::metric()), '100 000 at four an hour: 1 042 days');
    }

    #[Test]
    public function an_hour_of_a_fault_is_no_life(): void
    {
        self::assertSame([], self::worn('return-pump', 20, 1));
        self::assertCount(1, self::worn('return-pump', 24, 1), '24 in the worst six hours are four an hour');
        self::assertSame([], self::worn('return-pump', 3, 48), 'hours further apart do not add up');
        self::assertSame([], self::worn('return-pump', 22, 1, 1.0), 'what was on at first has not started: 22 are 3.7 an hour');
        self::assertCount(1, self::worn('return-pump', 23, 1, 1.0));
    }
}
