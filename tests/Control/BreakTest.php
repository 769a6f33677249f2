<?php

declare(strict_types=1);

namespace Tests\Control;

use App\Control\Controller;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Control\Plant\PlantFacts;

/** A set-up is broken on the page: played against the system as it is on record. */
final class BreakTest extends TestCase
{
    private User $planner;

    private System $system;

    private Controller $controller;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->controller = Fixture::controller($this->system->site()->firstOrFail());
        $outlets = $this->controller->strips()->firstOrFail()->outlets()->get();
        foreach (['heater' => 300, 'return-pump' => 40] as $job => $watts) {
            $n = $job === 'heater' ? 0 : 1;
            $this->system->items()->create(['job' => $job, 'name' => $job, 'watts' => $watts, 'outlet_id' => $outlets[$n]->id]);
        }
        $probe = $this->controller->sensors()->where('name', 'sump probe')->sole()->key();
        $this->actingAs($this->planner)->put("/control/{$this->controller->id}", [
            'revision' => 0,
            'guards' => [],
            'outlets' => [
                ['id' => $outlets[0]->key(), 'place' => 'heater', 'lostLink' => 'off',
                    'rule' => ['kind' => 'hold', 'probe' => $probe, 'startAt' => 25.3, 'stopAt' => 25.6, 'blind' => 'off']],
                ['id' => $outlets[1]->key(), 'place' => 'return', 'lostLink' => 'on', 'rule' => ['kind' => 'on']],
            ],
        ])->assertOk();
    }

    /** @param  list<array<string, mixed>>  $faults */
    private function play(array $faults, float $hours = 24): array
    {
        return $this->postJson("/control/{$this->controller->id}/break", [
            'system_id' => $this->system->id,
            'hours' => $hours,
            'faults' => $faults,
        ])->assertOk()->json();
    }

    #[Test]
    public function a_quiet_run_and_a_dead_return_and_a_cut(): void
    {
        $quiet = $this->play([]);
        self::assertNull($quiet['firstHarm']);
        self::assertCount(97, $quiet['trace']);
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->get()[1]->key();
        $dead = $this->play([['kind' => 'load-dead', 'of' => $outlet, 'from_h' => 2]]);
        self::assertSame('return: dead', $dead['happened'][0]['words']);
        self::assertLessThan(1.0, $dead['trace'][96]['returnLh']);
        $cut = $this->play([['kind' => 'outage', 'from_h' => 1, 'until_h' => 5]]);
        self::assertLessThan($quiet['trace'][20]['displayC'], $cut['trace'][20]['displayC']);
        self::assertContains('power cut: mended', array_column($cut['happened'], 'words'));
    }

    #[Test]
    public function the_drawing_stands_at_each_moment_of_the_run(): void
    {
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->get()[1]->key();
        $dead = $this->play([['kind' => 'load-dead', 'of' => $outlet, 'from_h' => 2]]);
        self::assertCount(count($dead['trace']), $dead['frames']);
        self::assertNotEmpty($dead['section']['shapes']);
        self::assertSame(array_column($dead['trace'], 'atS'), array_column($dead['frames'], 'second'));
        // The return stands: the display falls to its edge, the last chamber rises. On a page y grows downwards.
        [$before, $after] = [$dead['frames'][4]['surfaces'], $dead['frames'][40]['surfaces']];
        self::assertGreaterThan($before['display'], $after['display']);
        $last = array_key_last($before);
        self::assertLessThan($before[$last] - 1, $after[$last]);
        // The run wants less than the drawing does: without the flow that is written at the pipe there is none.
        $this->system->update(['facts' => array_diff_key($this->system->facts, ['flowLh' => 1])]);
        $bare = $this->play([], 1);
        self::assertSame([null, []], [$bare['section'], $bare['frames']]);
    }

    #[Test]
    public function what_the_run_takes_for_granted_is_said_and_what_is_missing_is_asked_for(): void
    {
        $run = $this->play([], 1);
        self::assertContains('no fish, since nobody has weighed them', $run['assumed']);
        self::assertContains('lamps from 10:00 on, since none hangs on this controller', $run['assumed']);
        $this->system->items()->where('job', 'heater')->update(['job' => 'chiller', 'name' => 'Chiller']);
        self::assertContains('Chiller takes out 750 W, by what it draws', $this->play([], 1)['assumed']);
        $this->system->update(['facts' => array_diff_key($this->system->facts, ['winterC' => 1])]);
        self::assertContains('the room stands at 21 °C', $this->play([], 1)['assumed']);
        $bare = System::query()->create(['site_id' => $this->system->site_id, 'name' => 'Bare', 'kind' => 'reef', 'regime' => 'natural',
            'started_precision' => 'day', 'facts' => [], 'bases' => [], 'chambers' => []]);
        $outlet = $this->controller->strips()->firstOrFail()->outlets()->get()[2];
        $bare->items()->create(['job' => 'heater', 'name' => 'its heater', 'watts' => 100, 'outlet_id' => $outlet->id]);
        $this->postJson("/control/{$this->controller->id}/break", ['system_id' => $bare->id, 'hours' => 5, 'faults' => []])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['system_id' => 'the record wants']);
    }

    #[Test]
    public function it_is_played_against_what_the_controller_serves(): void
    {
        $other = Fixture::system($this->system->site()->firstOrFail(), $this->planner, 'A first name');
        $offered = fn (): array => array_column($this->get("/control/{$this->controller->id}/break")->inertiaProps('systems'), 'id');
        self::assertSame([$this->system->id], $offered());
        $this->postJson("/control/{$this->controller->id}/break", ['system_id' => $other->id, 'hours' => 1, 'faults' => []])
            ->assertJsonValidationErrors(['system_id' => 'reads and switches nothing of A first name']);
        $outlets = $this->controller->strips()->firstOrFail()->outlets()->get();
        $other->items()->create(['job' => 'heater', 'name' => 'its heater', 'watts' => 100, 'outlet_id' => $outlets[2]->id]);
        self::assertSame([$this->system->id, $other->id], $offered(), 'the one it has most to do with first');
        $this->system->items()->whereNotNull('outlet_id')->update(['outlet_id' => null]);
        self::assertSame([$this->system->id, $other->id], $offered(), 'its probes hang there still');
        $this->controller->sensors()->update(['system_id' => null]);
        self::assertSame([$other->id], $offered());
        $other->items()->update(['retired_at' => now()]);
        self::assertSame([$other->id, $this->system->id], $offered(), 'what is retired is served no more');
        $other->items()->update(['outlet_id' => null]);
        self::assertSame([$other->id, $this->system->id], $offered(), 'nothing is known yet: all of the site, by name');
    }

    #[Test]
    public function what_comes_again_and_again_is_told_once_and_what_wears_is_told(): void
    {
        $outlets = $this->controller->strips()->firstOrFail()->outlets()->get();
        $probe = $this->controller->sensors()->where('name', 'sump probe')->sole()->key();
        $wet = $this->controller->sensors()->where('name', 'low')->sole()->key();
        $this->put("/control/{$this->controller->id}", [
            'revision' => 1,
            'outlets' => [
                ['id' => $outlets[0]->key(), 'place' => 'heater', 'lostLink' => 'off',
                    'rule' => ['kind' => 'hold', 'probe' => $probe, 'startAt' => 25.3, 'stopAt' => 25.6, 'blind' => 'off']],
                ['id' => $outlets[1]->key(), 'place' => 'return', 'lostLink' => 'on', 'rule' => ['kind' => 'on']],
            ],
            // What stops the pump comes up again as soon as it stands.
            'guards' => [[
                'id' => 'restless',
                'outlet' => $outlets[1]->key(),
                'when' => [['switch' => $wet, 'closed' => false]],
                'clears' => ['switch' => $wet, 'closed' => true],
                'forS' => 0,
                'then' => 'off',
                'rank' => 'animals',
                'blind' => 'off',
            ]],
        ])->assertOk();
        $run = $this->play([], 48);
        $told = array_values(array_filter($run['happened'], fn (array $h): bool => $h['kind'] === 'guard'));
        self::assertCount(1, $told, 'off and on again all the time');
        self::assertMatchesRegularExpression('/^return: its guard acts, \d.\d{3} times, one every [\d.]+.min$/u', $told[0]['words']);
        self::assertGreaterThan(20, $told[0]['untilH'] - $told[0]['h']);
        self::assertSame(['K-55'], array_column($run['worn'], 'rule'));
        self::assertMatchesRegularExpression('/^return starts \d+(\.\d)? times an hour/', $run['worn'][0]['what']);
        self::assertStringContainsString('minimum time off', $run['worn'][0]['remedy']);
    }

    #[Test]
    public function a_reactor_gives_what_grows_uses_and_without_it_alkalinity_falls(): void
    {
        $this->system->readings()->create([
            'client_uuid' => (string) Str::uuid(),
            'parameter' => 'alkalinity',
            'value' => 8.4,
            'given_value' => 8.4,
            'given_unit' => 'dKH',
            'taken_at' => now(),
            'method' => 'kit',
            'doubtful' => false,
            'user_id' => $this->planner->id,
        ]);
        $outlets = $this->controller->strips()->firstOrFail()->outlets()->get();
        $reactor = $this->system->items()->create([
            'job' => 'reactor',
            'name' => 'Reactor',
            'watts' => 20,
            'outlet_id' => $outlets[2]->id,
            'doses' => 'bicarbonate',
            'strength_meq_ml' => 0.003,
        ]);
        $outlet = fn (int $n, string $place): array => [
            'id' => $outlets[$n]->key(),
            'place' => $place,
            'lostLink' => 'on',
            'rule' => ['kind' => 'on'],
        ];
        $this->put("/control/{$this->controller->id}", [
            'revision' => 1,
            'guards' => [],
            'outlets' => [$outlet(0, 'heater'), $outlet(1, 'return'), $outlet(2, 'reactor')],
        ])->assertOk();
        self::assertContains('Reactor gives nothing, since nobody wrote down what leaves it in a minute', $this->play([], 1)['assumed']);
        $reactor->update(['ml_per_min' => 50]);
        $runs = $this->play([], 48);
        self::assertContains('what grows uses the alkalinity that is given in a day', $runs['assumed']);
        $last = fn (array $run): float => end($run['trace'])['alkMeqL'];
        self::assertEqualsWithDelta(8.4 / 2.8, $last($runs), 0.1, 'given and used are one; what evaporates leaves the rest stronger');
        self::assertEqualsWithDelta(8.4, $runs['trace'][0]['alkDkh'], 0.05, 'shown as it is read');
        $dead = $this->play([['kind' => 'load-dead', 'of' => $outlets[2]->key(), 'from_h' => 0]], 48);
        // 216 meq a day are missing in the water of the system.
        $waters = PlantFacts::of(Facts::of(SystemBrief::running($this->system)), 21.0);
        $litres = $waters['display']['crestL'] + ($waters['sump']['fixedL'] ?? 0.0);
        self::assertEqualsWithDelta($last($runs) - 2 * 216 / $litres, $last($dead), 0.1);
        self::assertSame([[], true], [$this->play([], 1)['moved'], in_array('alkalinity', $dead['moved'], true)]);
        $reactor->update(['doses' => 'other']);
        self::assertEqualsWithDelta($last($runs), $last($this->play([], 48)), 0.05, 'carbon media give none, and none is taken for used');
    }

    #[Test]
    public function longer_runs_and_faults_that_cannot_be_are_refused(): void
    {
        $ask = fn (array $more) => $this->postJson("/control/{$this->controller->id}/break", $more + [
            'system_id' => $this->system->id,
            'hours' => 4,
            'faults' => [],
        ]);
        $ask(['hours' => 97])->assertJsonValidationErrors('hours');
        $ask(['hours' => 0])->assertJsonValidationErrors('hours');
        $ask(['faults' => [['kind' => 'meteorite', 'from_h' => 1]]])->assertJsonValidationErrors('faults.0.kind');
        $ask(['faults' => [['kind' => 'outage', 'from_h' => 2, 'until_h' => 1]]])->assertJsonValidationErrors('faults.0.until_h');
        $ask(['faults' => [['kind' => 'load-dead', 'from_h' => 1]]])->assertUnprocessable();
        $ask(['faults' => [['kind' => 'drain-blocked', 'from_h' => 1, 'value' => 2]]])->assertUnprocessable();
        $other = Fixture::system(self::site('Other', 'There'), $this->planner);
        $ask(['system_id' => $other->id])->assertJsonValidationErrors('system_id');
    }
}
