<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Control\Controller;
use App\Control\ControlPlaces;
use App\Control\Outlet;
use App\Control\Sensor;
use App\Control\SystemKnown;
use App\Control\UsualDay;
use App\Risk\Exposure;
use App\Risk\HelpTonight;
use App\Systems\LastRead;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Parameter;

/** What several controllers’ set-ups are read with, asked once for all of them. */
final class KnownOfSeveralTest extends TestCase
{
    private User $planner;

    private System $one;

    private System $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->one = Fixture::system(self::site(), $this->planner);
        $this->other = Fixture::system(self::site('Other', 'There'), $this->planner);
    }

    private function read(System $system, string $parameter, float $value, int $hoursAgo, bool $isDoubted = false): void
    {
        $system->readings()->create([
            'client_uuid' => (string) Str::uuid(),
            'parameter' => $parameter,
            'value' => $value,
            'given_value' => $value,
            'given_unit' => 'as read',
            'method' => 'test',
            'taken_at' => now()->subHours($hoursAgo),
            'user_id' => $this->planner->id,
            'doubtful' => false,
            'marked_at' => $isDoubted ? now() : null,
        ]);
    }

    #[Test]
    public function the_last_undoubted_reading_of_each_is_the_one_that_counts(): void
    {
        $this->read($this->one, Parameter::Alkalinity->value, 8.0, 2);
        $this->read($this->one, Parameter::Alkalinity->value, 7.0, 50);
        $this->read($this->one, Parameter::Alkalinity->value, 12.0, 1, isDoubted: true);
        $this->read($this->one, Parameter::Ph->value, 8.2, 5);
        $this->read($this->other, Parameter::Alkalinity->value, 9.0, 90);
        $ids = [$this->one->id, $this->other->id];
        $last = LastRead::among($ids, [Parameter::Alkalinity, Parameter::Ph]);
        self::assertEquals([
            $this->one->id => [Parameter::Alkalinity->value => 8.0, Parameter::Ph->value => 8.2],
            $this->other->id => [Parameter::Alkalinity->value => 9.0],
        ], $last);
        self::assertSame(LastRead::of($this->one, Parameter::Alkalinity), $last[$this->one->id][Parameter::Alkalinity->value]);
        self::assertSame([], LastRead::among([], [Parameter::Ph]));
    }

    #[Test]
    public function a_controller_that_drives_nothing_yet_is_set_to_what_the_house_keeps(): void
    {
        $controller = Fixture::controller($this->one->site()->firstOrFail());
        $controller->sensors()->update(['system_id' => null]);
        self::assertSame(25.5, app(SystemKnown::class)->setpointC($controller->refresh()->load('sensors')));
    }

    #[Test]
    public function a_usual_day_leaves_out_the_rare_the_doubted_and_the_old(): void
    {
        foreach (range(0, 200) as $n) {
            $this->read($this->one, Parameter::Ph->value, 7.0 + $n / 200, 1 + $n % 40);
        }
        $this->read($this->one, Parameter::Ph->value, 9.5, 1, isDoubted: true);
        $this->read($this->one, Parameter::Ph->value, 9.6, 24 * 14 + 1);
        $sensor = new Sensor();
        $sensor->forceFill(['system_id' => $this->one->id, 'quantity' => Parameter::Ph->value]);
        $usual = UsualDay::of([$sensor])[$this->one->id][Parameter::Ph->value];
        self::assertEqualsWithDelta(7.02, $usual['dailyLow'], 1e-9);
        self::assertEqualsWithDelta(7.98, $usual['dailyHigh'], 1e-9);
        self::assertContains($usual['historyDays'], [2.0, 3.0], 'forty hours');
        $this->read($this->one, Parameter::Ph->value, 7.5, 24 * 14 - 1);
        self::assertSame($usual['historyDays'] + 1, UsualDay::of([$sensor])[$this->one->id][Parameter::Ph->value]['historyDays']);
        self::assertSame([], UsualDay::of([]));
        self::assertSame([], UsualDay::of([(new Sensor())->forceFill(['system_id' => $this->other->id, 'quantity' => 'ph'])]));
    }

    #[Test]
    public function help_is_as_far_as_the_hazard_it_reaches_last(): void
    {
        $hazard = fn (System $s, string $of, float $noticedH, float $actsH) => Exposure::query()->insert([
            'system_id' => $s->id,
            'night' => 'tonight',
            'hazard' => $of,
            'noticed_h' => $noticedH,
            'acts_h' => $actsH,
            'how' => 'looks',
            'computed_at' => now(),
        ]);
        $hazard($this->one, 'heater-off', 1.0, 3.0);
        $hazard($this->one, 'heater-stuck-on', 0.5, 1.0);
        $hazard($this->other, 'heater-off', 2.0, 2.5);
        $minutes = (new HelpTonight())->minutes([$this->one->id, $this->other->id]);
        self::assertEquals([$this->one->id => 120.0, $this->other->id => 30.0], $minutes);
        self::assertSame([], (new HelpTonight())->minutes([]));
    }

    #[Test]
    public function places_with_a_controller_come_first_and_more_of_them_ask_no_more(): void
    {
        $sites = [self::site('Wordy', 'Above'), self::site('Driven', 'Zenith'), self::site('Driven too', 'Zenith two')];
        Outlet::query()->create(['site_id' => $sites[0]->id, 'name' => 'return left']);
        Controller::query()->create(['site_id' => $sites[1]->id, 'name' => 'First']);
        $asked = function (): array {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $places = app()->make(ControlPlaces::class)->of($this->planner)['places'];

            return [array_map(fn ($p): int => $p->siteId, $places), count(DB::getQueryLog())];
        };
        [$ids, $before] = $asked();
        self::assertSame([$sites[1]->id, $sites[0]->id], $ids);
        Controller::query()->create(['site_id' => $sites[2]->id, 'name' => 'Second']);
        [$ids, $after] = $asked();
        self::assertSame([$sites[1]->id, $sites[2]->id, $sites[0]->id], $ids);
        self::assertSame($before, $after);
    }

    #[Test]
    public function places_beyond_a_page_are_on_the_next(): void
    {
        $ids = [];
        for ($i = 0; $i < 13; $i++) {
            $site = self::site('Row', sprintf('House %02d', $i));
            Controller::query()->create(['site_id' => $site->id, 'name' => 'Head']);
            $ids[] = $site->id;
        }
        $page = fn (int $n): array => self::props($this->actingAs($this->planner)->get("/control?page={$n}")->assertOk());
        $read = fn (array $props): array => array_column($props['places'], 'siteId');
        self::assertSame(array_slice($ids, 0, 12), $read($page(1)));
        self::assertContains($ids[12], $read($page(2)));
        self::assertNotNull($page(1)['page']['older']);
        self::assertNull($page(2)['page']['older']);
    }
}
