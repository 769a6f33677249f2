<?php

declare(strict_types=1);

namespace Tests\Demo;

use App\Alerts\Alarm;
use App\Control\Controller;
use App\Control\Link\LinkDevice;
use App\Control\Link\SimulatedController;
use App\Control\WholeSetUp;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** Controllers of the demo world: each runs, and each of their stories is seen on a page. */
final class ControlStoriesTest extends TestCase
{
    use InTown;

    private User $planner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = User::query()->where('role', 'planner')->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function bench(string $name): array
    {
        return self::props($this->actingAs($this->planner)->get('/control/'.Controller::query()->where('name', $name)->sole()->id));
    }

    #[Test]
    public function each_story_of_the_controllers_is_seen_where_it_is_looked_for(): void
    {
        $this->whatGoesWrongQuietlyStandsBesideEachSetUp();
        $this->eachSimulatedControllerRuns();
        $this->aCounterThatBeganAnewHasLostNoRow();
        $this->anAlarmCallsOnlySomebodyWhoIsAway();
        $this->aDayOfFillingSaysWhatLiesOnTheFloor();
    }

    private function whatGoesWrongQuietlyStandsBesideEachSetUp(): void
    {
        $stories = [
            'Cabinet' => ['K-20' => 'a cut-out in the swing'],
            'Reef cabinet' => ['K-63' => 'fed each hour', 'K-51' => 'a backup hides a dead heater', 'K-20' => 'a top-off without an end'],
            'Shop' => ['K-50' => 'the return hunts', 'W-63' => 'a filling line for a day', 'K-48' => 'a guard behind its relay'],
        ];
        foreach ($stories as $name => $rules) {
            $found = array_column($this->bench($name)['findings'], 'rule');
            foreach ($rules as $rule => $story) {
                self::assertContains($rule, $found, $story);
            }
        }
    }

    private function eachSimulatedControllerRuns(): void
    {
        Http::fake(fn () => Http::response(['orders' => []]));
        $broken = [];
        foreach (LinkDevice::query()->where('kind', LinkDevice::SIMULATED)->get() as $device) {
            $running = SimulatedController::of($device, 'http://link.test', 1.0, app(WholeSetUp::class));
            self::assertInstanceOf(SimulatedController::class, $running, is_string($running) ? "{$device->name}: {$running}" : '');
            $broken[$device->name] = array_column($device->breaks ?? [], 'kind');
            self::assertGreaterThan(5, $running->step());
        }
        self::assertSame(
            [
                'Cabinet, Window reef' => [],
                'Reef cabinet, Living room' => ['load-dead'],
                'Shop, Show tank' => ['relay-welded'],
            ],
            $broken,
        );
    }

    private function aCounterThatBeganAnewHasLostNoRow(): void
    {
        $device = LinkDevice::query()->where('name', 'Shop, Show tank')->sole();
        $runs = DB::table('link_rows')
            ->where('link_device_id', $device->id)
            ->selectRaw('run, count(*) as n, min(seq) as first')
            ->groupBy('run')
            ->get();
        self::assertEqualsCanonicalizing([[20, 0], [20, 0]], $runs->map(fn ($r) => [(int) $r->n, (int) $r->first])->all());
    }

    private function anAlarmCallsOnlySomebodyWhoIsAway(): void
    {
        $away = DB::table('absences')->where('from_on', '<=', now())->where('until_on', '>=', now())->pluck('user_id')->all();
        $only = Alarm::query()->with('calls')->get()->filter(
            fn (Alarm $a): bool => $a->calls->isNotEmpty() && $a->calls->every(fn ($c): bool => in_array($c->user_id, $away, true)),
        );
        self::assertNotEmpty($only);
    }

    private function aDayOfFillingSaysWhatLiesOnTheFloor(): void
    {
        $line = DB::table('items')->where('name', 'Filling line of the barrel')->first();
        $register = self::props($this->actingAs($this->planner)->get("/systems/{$line->system_id}/register"));
        $says = collect($register['items'])->firstWhere('id', $line->id)['roFindings'];
        self::assertStringContainsString('floor', json_encode($says, JSON_THROW_ON_ERROR));
    }
}
