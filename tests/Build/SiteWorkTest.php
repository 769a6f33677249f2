<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\LampType;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\StageTool;
use App\Demo\Builds;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\Visit;
use App\Rounds\VisitMaker;
use App\Rounds\VisitTask;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use LogicException;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Regime;

/** Work on site: tools of a stage, what it leaves over, joints while filling, the company's lamps, and what a record keeps of a plan. */
final class SiteWorkTest extends TestCase
{
    #[Test]
    public function a_tool_missed_once_is_offered_for_every_build_from_then_on(): void
    {
        $version = $this->accepted();
        $other = $this->accepted('Elsewhere');
        $at = "/plan-versions/{$version->id}/stages/plumbed";
        $tools = fn (PlanVersion $v): array => collect(
            self::props($this->get("/plan-versions/{$v->id}"))['view']['stages'],
        )->firstWhere('key', 'plumbed')['tools'];

        $this->actingAs(Fixture::onCall(self::user('technician')));
        $this->put("{$at}/tools", ['tools' => ['saw']])->assertForbidden();
        $this->post("{$at}/missed", ['name' => ''])->assertSessionHasErrors('name');
        $this->post("{$at}/missed", ['name' => 'strap wrench'])->assertSessionHasNoErrors();
        $this->post("{$at}/missed", ['name' => 'strap wrench'])->assertSessionHasNoErrors();
        self::assertSame(
            [
                'pipe saw, deburrer',
                'primer, cement, gloves',
                'unions, valves',
                'cloth and paper towels',
                'strap wrench',
            ],
            $tools($other),
            'the house’s list, and once what was missed',
        );

        $this->actingAs(self::user('planner'));
        $this->put("{$at}/tools", ['tools' => ['strap wrench', 'pipe saw']])->assertSessionHasNoErrors();
        self::assertSame(['strap wrench', 'pipe saw'], $tools($other));
        self::assertNotNull(
            StageTool::query()->where('name', 'strap wrench')->sole()->missed_on,
            'it is still known as missed',
        );
        $this->put("{$at}/tools", ['tools' => ['saw', 'saw']])->assertSessionHasErrors();
        $this->put("{$at}/tools", ['tools' => []])->assertSessionHasNoErrors();
        self::assertContains('unions, valves', $tools($other));
        $this->put("/plan-versions/{$version->id}/stages/moon/tools", ['tools' => []])->assertNotFound();
    }

    #[Test]
    public function what_a_stage_leaves_over_stands_in_the_next_visit(): void
    {
        $version = $this->accepted();
        $owner = self::user('technician');
        $at = "/plan-versions/{$version->id}/stages/scape/carry";
        $this->actingAs(self::user('planner'));
        $this->post($at, [
            'text' => 'second row of rock',
            'owner_id' => $owner->id,
            'due_on' => now()->subDay()->toDateString(),
        ])->assertSessionHasErrors('due_on');
        $this->post($at, [
            'text' => 'second row of rock',
            'owner_id' => self::user('client')->id,
            'due_on' => now()->addWeek()->toDateString(),
        ])->assertSessionHasErrors('owner_id');
        $this->post($at, [
            'text' => 'second row of rock',
            'owner_id' => $owner->id,
            'due_on' => now()->addDays(5)->toDateString(),
        ])->assertSessionHasNoErrors();
        $system = System::query()->where('plan_version_id', $version->id)->sole();
        $left = FollowUp::query()->where('system_id', $system->id)->sole();
        self::assertSame(
            ['carry-over', 'Sand and rock in, pumps off: second row of rock', $owner->id],
            [$left->kind, $left->text, $left->owner_id],
        );
        $visit = Fixture::visit($system, Fixture::crew($owner), 'glass');
        self::assertStringContainsString(
            'second row of rock',
            (string) json_encode(self::props($this->actingAs($owner)->get("/visits/{$visit->id}"))),
        );
    }

    #[Test]
    public function filling_passes_only_when_every_joint_was_seen_dry_three_times(): void
    {
        $version = $this->accepted('Site', [
            'joints' => [
                ['name' => 'pump', 'kind' => 'union', 'hidden' => false],
                ['name' => 'drain', 'kind' => 'glued', 'hidden' => true],
            ],
        ]);
        foreach (
            ['survey', 'structure', 'ordered', 'fabricated', 'leak-test', 'set', 'plumbed', 'electrics', 'lights'] as $stage
        ) {
            $version
                ->passedStages()
                ->create([
                    'stage' => $stage,
                    'by' => 'proof',
                    'words' => 'seen',
                    'signed_by' => 'Ada',
                    'passed_on' => now()->subDays(60)->toDateString(),
                    'user_id' => $version->user_id,
                ]);
        }
        $this->actingAs(self::user('technician'));
        $this->post("/plan-versions/{$version->id}/joints", ['joint' => 0, 'moment' => 'quarter', 'dry' => true])->assertForbidden();
        $this->actingAs(Fixture::onCall(self::user('technician')));
        $pass = fn (): mixed => $this->post("/plan-versions/{$version->id}/stages/filled", [
            'by' => 'proof',
            'held' => [
                'The packet read, its contents counted',
                'Stand and floor looked at under the leak test’s load',
                'Panels still open: cladding comes last',
            ],
            'words' => '35.1 and 25.4',
            'signed_by' => 'Ada',
            'passed_on' => now()->toDateString(),
        ]);
        $look = fn (int $joint, string $moment, bool $dry = true): mixed => $this->post(
            "/plan-versions/{$version->id}/joints",
            ['joint' => $joint, 'moment' => $moment, 'dry' => $dry],
        );
        $pass()->assertSessionHasErrors([
            'stage' => 'Joints are still to be looked at: a quarter full, full, an hour later.',
        ]);
        $look(2, 'full')->assertSessionHasErrors('joint');
        $look(0, 'noon')->assertSessionHasErrors('moment');
        foreach ([0, 1] as $joint) {
            foreach (['quarter', 'full', 'hour'] as $moment) {
                $look($joint, $moment, ! ($joint === 1 && $moment === 'hour'))->assertSessionHasNoErrors();
            }
        }
        $pass()->assertSessionHasErrors(['stage' => 'drain weeps.']);
        $look(1, 'hour')->assertSessionHasNoErrors();
        $pass()->assertSessionHasNoErrors();
        self::assertSame(6, $version->jointLooks()->count(), 'looking again writes the same look');

        // The stage that is next is ours: it becomes a visit with its people and hours.
        $next = FollowUp::query()->where('system_id', $version->system?->id)->where('kind', 'stage')->sole();
        self::assertTrue($next->on_site);
        VisitMaker::until(Days::date(Days::number($next->due_on)));
        $job = VisitTask::query()->where('follow_up_id', $next->id)->sole();
        self::assertSame([$next->text, $next->minutes, Visit::OPEN], [$job->title, $job->minutes, $job->visit?->state]);
        self::assertSame($next->persons, $job->visit?->persons);
    }

    #[Test]
    public function the_lamp_library_goes_out_and_comes_back_in_and_a_wrong_line_changes_nothing(): void
    {
        $this->actingAs(self::user('planner'));
        $this->post('/settings/lamps', [
            'name' => 'Panel',
            'ppf' => 180,
            'half_angle_deg' => 95,
        ])->assertSessionHasErrors('half_angle_deg');
        $this->post('/settings/lamps', [
            'name' => 'Panel',
            'ppf' => 180,
            'half_angle_deg' => 50,
            'watts' => 95,
            'kg' => 3.2,
            'least_mm' => 200,
            'most_mm' => 350,
        ])->assertSessionHasNoErrors();
        $csv = $this->get('/settings/lamps.csv')->assertOk()->streamedContent();
        self::assertStringContainsString('Panel,180,50,95,3.2,200,350', $csv);
        $read = fn (string $text): mixed => $this->post('/settings/lamps/import', [
            'file' => UploadedFile::fake()->createWithContent('lamps.csv', $text),
        ]);
        $read(str_replace('3.2', '3.4', $csv)."Bar,60,60,,,,\n")->assertSessionHasNoErrors();
        self::assertSame(
            [3.4, null],
            [
                LampType::query()->where('name', 'Panel')->sole()->kg,
                LampType::query()->where('name', 'Bar')->sole()->watts,
            ],
        );
        $read("Spot,95,20\nPanel,0,50")->assertSessionHasErrors('file');
        self::assertSame(2, LampType::query()->count());
        $plan = Fixture::plan(self::site(), self::user('planner'));
        self::assertSame(
            ['Bar', 'Panel'],
            array_column(self::props($this->get("/plans/{$plan->id}"))['library'], 'name'),
        );
        $this->post(
            '/settings/lamps/'.LampType::query()->where('name', 'Bar')->sole()->id.'/archive',
        )->assertSessionHasNoErrors();
        self::assertSame(['Panel'], array_column(self::props($this->get("/plans/{$plan->id}"))['library'], 'name'));
    }

    #[Test]
    public function a_record_keeps_what_the_plan_placed_and_a_moved_lamp_re_opens_the_light(): void
    {
        $version = $this->accepted('Site', [
            'lamps' => Builds::lamps('standard'),
            'gear' => Builds::gear('standard'),
            'points' => [['xMm' => 300, 'yMm' => 200, 'depthMm' => 200, 'par' => 180]],
        ]);
        $system = System::query()->where('plan_version_id', $version->id)->sole();
        self::assertSame(now()->toDateString(), $system->light_read_on?->toDateString());
        $this->actingAs(self::user('planner'));
        $props = self::props($this->get("/systems/{$system->id}"));
        self::assertCount(count(Builds::lamps('standard')), $props['tables']['lamps']);
        self::assertCount(5, $props['answers']['light']);
        $tables = array_diff_key($props['tables'], ['chambers' => 0, 'vessels' => 0, 'phases' => 0]);
        $send = fn (array $tables): mixed => $this->put("/systems/{$system->id}/facts", [
            'values' => $props['facts']['values'],
            'chambers' => $props['facts']['chambers'],
            'tables' => $tables,
        ]);
        $wrong = $tables;
        $wrong['lamps'][0]['ppf'] = 90000;
        $send($wrong)->assertSessionHasErrors('values.lamps.0.ppf');
        $moved = $tables;
        $moved['lamps'][0]['ppf'] = 320;
        $send($moved)->assertSessionHasNoErrors();
        self::assertEqualsCanonicalizing(
            ['light', 'light-survey'],
            array_values(array_intersect(['light', 'light-survey'], $system->ripples()->pluck('subject')->all())),
        );
        self::assertSame(320.0, (float) $system->refresh()->tables['lamps'][0]['ppf']);
        // Read again a year and a day ago: it no longer holds.
        $system->update(['light_read_on' => CarbonImmutable::today()->subDays(400)->toDateString()]);
        self::assertStringContainsString(
            'Light was last measured',
            (string) json_encode(self::props($this->get("/systems/{$system->id}"))['findings']),
        );
    }

    #[Test]
    public function what_a_client_declines_is_signed_and_a_stage_names_its_firm(): void
    {
        $version = $this->accepted();
        $this->actingAs(self::user('planner'));
        $risk = [
            'declined' => 'Second return pump',
            'risk' => 'no heat in the display while the pump is out',
            'review_on' => now()->addMonths(6)->toDateString(),
            'signed_by' => 'A. Tolland',
            'signed_on' => now()->toDateString(),
        ];
        $this->post("/plan-versions/{$version->id}/risks", [
            ...$risk,
            'review_on' => now()->subDay()->toDateString(),
        ])->assertSessionHasErrors('review_on');
        $this->post("/plan-versions/{$version->id}/risks", [...$risk, 'risk' => ''])->assertSessionHasErrors('risk');
        $this->post("/plan-versions/{$version->id}/risks", $risk)->assertSessionHasNoErrors();
        $this->put("/plan-versions/{$version->id}/stages/electrics/firm", [
            'firm' => 'Quay Electric',
        ])->assertSessionHasErrors('scope');
        $this->put("/plan-versions/{$version->id}/stages/electrics/firm", [
            'firm' => 'Quay Electric',
            'scope' => 'circuits and protection',
            'liable' => 'the installation',
        ])->assertSessionHasNoErrors();
        $view = self::props($this->get("/plan-versions/{$version->id}"))['view'];
        self::assertSame(
            ['Second return pump', 'A. Tolland', false],
            [$view['risks'][0]['declined'], $view['risks'][0]['signedBy'], $view['risks'][0]['isDue']],
        );
        self::assertSame('Quay Electric', collect($view['stages'])->firstWhere('key', 'electrics')['firm']['firm']);
        $this->put("/plan-versions/{$version->id}/stages/electrics/firm", ['firm' => ''])->assertSessionHasNoErrors();
        self::assertSame(0, $version->firms()->count());
        try {
            $version
                ->risks()
                ->firstOrFail()
                ->update(['risk' => 'none']);
            self::fail('what was signed never changes');
        } catch (LogicException) {
            self::assertSame($risk['risk'], $version->risks()->firstOrFail()->risk);
        }
    }

    #[Test]
    public function a_limit_of_the_house_needs_its_reason_and_judges_the_next_answer(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner, ['rockToPaneMm' => 60.0]);
        $this->actingAs($planner);
        $rock = fn (): int => count(
            array_filter(
                self::props($this->get("/plans/{$plan->id}"))['live']['answers']['findings'],
                fn (array $f): bool => str_starts_with($f['what'], 'Rock stands'),
            ),
        );
        self::assertSame(0, $rock());
        $this->put('/settings/house/rockMm', ['value' => 80])->assertSessionHasErrors('reason');
        $this->put('/settings/house/rockMm', ['value' => 5, 'reason' => 'x'])->assertSessionHasErrors('value');
        $this->put('/settings/house/moonMm', ['value' => 5, 'reason' => 'x'])->assertNotFound();
        $this->put('/settings/house/rockMm', [
            'value' => 80,
            'reason' => 'our magnet is 70 wide',
        ])->assertSessionHasNoErrors();
        self::assertSame(1, $rock());
        self::assertSame(
            'our magnet is 70 wide',
            collect(self::props($this->get('/settings/house'))['limits'])->firstWhere('key', 'rockMm')['reason'],
        );
        $this->put('/settings/house/rockMm', ['value' => null])->assertSessionHasNoErrors();
        self::assertSame(0, $rock());
    }

    #[Test]
    public function what_is_there_for_now_says_so_until_it_is_gone(): void
    {
        $system = Fixture::system(self::site(), self::user('planner'));
        $this->actingAs(self::user('planner'));
        $item = [
            'job' => 'heater',
            'name' => 'Spare heater',
            'installed_precision' => 'day',
            'temporary_until' => now()->addDays(9)->toDateString(),
        ];
        $this->post("/systems/{$system->id}/items", $item)->assertSessionHasErrors('temporary_why');
        $this->post("/systems/{$system->id}/items", [
            ...$item,
            'temporary_why' => 'the ordered one is late',
        ])->assertSessionHasNoErrors();
        $said = fn (): string => str_replace(
            "\u{a0}",
            ' ',
            implode(' | ', array_column(self::props($this->get("/systems/{$system->id}"))['findings'], 'what')),
        );
        self::assertStringContainsString('Spare heater is there for now, ', $said());
        $this->travel(12)->days();
        self::assertStringContainsString('Spare heater was for now, and its end passed', $said());
    }

    /** @param  array<string, list<array<string, mixed>>>  $tables */
    private function accepted(string $site = 'Site', array $tables = []): PlanVersion
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site("Client of {$site}", $site), $planner);
        $plan->update(['draft' => [...$plan->draft, ...$tables]]);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        Acceptance::accept($version, $planner, "Reef {$site}", 'mixed reef', Regime::Natural);

        return $version->refresh();
    }
}
