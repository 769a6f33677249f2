<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Makeshift;
use Velbrin\Core\Control\Ripple;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Control\Symptom;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Tests\Build\SoundPlan;

/** What a change re-opens (X-30, X-31, X-32), and what is there for now (X-55). */
final class RipplesTest extends TestCase
{
    /** @return iterable<string, array{0: array<string, mixed>, 1: list<string>}> what is changed, and what hangs on it */
    public static function changes(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'the lamps stand higher' => [['lampAboveRimMm' => 300], ['light', 'light-survey']];
        yield 'a lower level in the sump' => [['returnLevelMm' => 180], ['drain-down', 'skimmer', 'top-off']];
        yield 'more rock' => [['rockKg' => 100], ['changes', 'doses', 'reserve', 'light-survey', 'flow-survey']];
        yield 'a weaker stream' => [['streamLh' => 6000], ['flow-survey']];
        yield 'a longer weir' => [['weirLengthMm' => 600], ['drain-down', 'drains']];
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  list<string>  $subjects
     */
    #[Test]
    #[DataProvider('changes')]
    public function a_change_reopens_what_hangs_on_it(array $change, array $subjects): void
    {
        $reopened = self::subjects($change);
        foreach ($subjects as $subject) {
            self::assertContains($subject, $reopened);
        }
        self::assertSame($subjects === [], $reopened === []);
        self::assertSame($reopened, array_unique($reopened), 'each once');
    }

    #[Test]
    public function what_nobody_could_notice_reopens_nothing(): void
    {
        // The system holds about 400 L: 5 kg of rock are 1.8 L, less than half a percent; 10 kg are 3.6 L, more than that.
        self::assertNotContains('doses', self::subjects(['rockKg' => 45]));
        self::assertContains('doses', self::subjects(['rockKg' => 50]));
    }

    #[Test]
    public function a_changed_device_reopens_what_was_set_by_it(): void
    {
        $of = fn (Job $job): array => array_map(fn (Ripple $r): string => $r->subject, Ripples::ofDevice($job));
        self::assertSame(['flow', 'drain-down', 'spares'], $of(Job::ReturnPump));
        self::assertSame(['light', 'light-survey', 'summer'], $of(Job::Light));
        self::assertSame(['heaters', 'spares'], $of(Job::Heater));
        self::assertSame(['summer'], $of(Job::Chiller));
        self::assertSame(['summer'], $of(Job::Fan));
        self::assertSame(['skimmer'], $of(Job::Skimmer));
        self::assertSame(['top-off', 'spares'], $of(Job::TopOff));
        self::assertSame(['dose-flow', 'spares'], $of(Job::Doser));
        self::assertSame([], $of(Job::Battery));
        self::assertSame('X-31', Ripples::ofDosingFlow()[0]->rule);
        self::assertSame('W-63', Ripples::ofRunLimit()[0]->rule);
        self::assertStringContainsString('a calm reef', Ripples::ofCondition('Bands', 'bands', 'a calm reef')->check);
    }

    #[Test]
    public function what_is_there_for_now_is_put_right_once_its_day_is_over(): void
    {
        $on = fn (float $now): Severity => Makeshift::finding('hose', 'a pipe was late', 100, $now)->severity;
        self::assertSame([Severity::Watch, Severity::Watch, Severity::Fix], [$on(90), $on(100), $on(100.1)]);
    }

    #[Test]
    public function what_keeps_animals_alive_is_trusted_once_tested(): void
    {
        $guards = array_values(array_filter(Job::cases(), fn (Job $j): bool => Installed::Mounted->leavesUnprotected($j)));
        self::assertContains(Job::Heater, $guards);
        self::assertContains(Job::Battery, $guards);
        self::assertNotContains(Job::Light, $guards);
        foreach ($guards as $job) {
            self::assertTrue(Installed::Calibrated->leavesUnprotected($job));
            self::assertFalse(Installed::Tested->leavesUnprotected($job));
            self::assertFalse(Installed::RunIn->leavesUnprotected($job));
        }
    }

    #[Test]
    public function a_fault_is_looked_for_at_devices_that_could_cause_it(): void
    {
        foreach (Symptom::cases() as $symptom) {
            self::assertNotSame([], $symptom->jobs());
        }
        self::assertContains(Job::Chiller, Symptom::Hot->jobs());
        self::assertNotContains(Job::Chiller, Symptom::Cold->jobs());
        self::assertSame([Job::Skimmer], Symptom::Skimmer->jobs());
        self::assertContains(Job::FloatSwitch, Symptom::Level->jobs());
    }

    /**
     * @param  array<string, mixed>  $change
     * @return list<string>
     */
    private static function subjects(array $change): array
    {
        [$before, $after] = [SoundPlan::brief(), SoundPlan::brief($change)];
        $moved = Comparison::of($before, Plan::answer($before), $after, Plan::answer($after));

        return array_map(fn (Ripple $r): string => $r->subject, Ripples::of($moved));
    }
}
