<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Emergency;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Emergency\OnGenerator;

/** A running system on a generator (R-45). */
final class OnGeneratorTest extends TestCase
{
    #[Test]
    public function it_gives_what_is_kept_and_the_largest_start_of_one(): void
    {
        $on = OnGenerator::of([
            self::device('heater 1', Job::Heater, 300.0),
            self::device('return', Job::ReturnPump, 40.0),
            self::device('stream', Job::CirculationPump, 15.0),
            self::device('lamp', Job::Light, 200.0),
            self::device('skimmer', Job::Skimmer, 25.0),
            self::device('top-off', Job::TopOff, 8.0),
            self::device('probe', Job::Probe, null),
        ]);
        self::assertSame(['heater 1', 'return', 'stream'], $on->kept);
        self::assertSame(['lamp', 'skimmer'], $on->waits);
        self::assertSame(['top-off'], $on->stops, 'what fills and doses stays off');
        self::assertSame(355.0, $on->keptW);
        // The return starts at three times its watts: 80 W more, over 0.8.
        self::assertEqualsWithDelta((355 + 80) / 0.8, $on->leastW, 1e-9);
        self::assertEqualsWithDelta(0.5 * 0.355 * 24, $on->fuelLd, 1e-9);
        self::assertSame([], $on->needs);
    }

    #[Test]
    public function what_nobody_has_said_is_asked_for_only_where_it_is_kept(): void
    {
        $on = OnGenerator::of([self::device('heater 1', Job::Heater, null), self::device('lamp', Job::Light, null)]);
        self::assertSame(['heater 1'], $on->needs);
        self::assertSame(0.0, $on->leastW);
    }

    #[Test]
    public function one_device_more_never_asks_less(): void
    {
        $devices = [];
        $before = 0.0;
        foreach (Job::cases() as $n => $job) {
            $devices[] = self::device($job->value, $job, 10.0 + $n);
            $leastW = OnGenerator::of($devices)->leastW;
            self::assertGreaterThanOrEqual($before, $leastW);
            $before = $leastW;
        }
    }

    /** @return array{name: string, job: Job, watts: float|null} */
    private static function device(string $name, Job $job, ?float $watts): array
    {
        return ['name' => $name, 'job' => $job, 'watts' => $watts];
    }
}
