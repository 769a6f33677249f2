<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Systems\SystemBrief;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Chemistry\Regime;

/** A plan that begins as a running system stands, and returns into it. */
final class RefitTest extends TestCase
{
    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->system = Fixture::system(self::site(), self::user('planner'));
    }

    private function refit(): Plan
    {
        $this->actingAs(self::user('planner'))
            ->post("/systems/{$this->system->id}/refits", ['name' => 'Larger sump'])
            ->assertSessionHasNoErrors();

        return Plan::query()->where('name', 'Larger sump')->sole();
    }

    #[Test]
    public function it_begins_as_the_record_stands_and_answers_alike(): void
    {
        $plan = $this->refit();
        $of = fn (string $key): mixed => [
            CorePlan::answer(SystemBrief::read($this->system->load('vessels')))->figure($key)?->quantity?->value,
            CorePlan::answer(PlanReader::read($plan))->figure($key)?->quantity?->value,
        ];
        foreach (['systemL', 'downL', 'spareL', 'lossWK'] as $key) {
            [$record, $planned] = $of($key);
            self::assertEqualsWithDelta($record, $planned, 1e-6, $key);
        }
        self::assertNotNull($of('systemL')[0]);
        $page = self::props($this->get("/plans/{$plan->id}")->assertOk());
        self::assertSame($this->system->id, $page['plan']['refits']['id']);
    }

    #[Test]
    public function what_is_accepted_changes_no_record_and_opens_no_second_system(): void
    {
        $plan = $this->refit();
        $planner = self::user('planner');
        // A draft of which every Stop is answered, with a larger pump.
        $whole = Fixture::plan($this->system->site()->firstOrFail(), $planner, ['flowLh' => 2400])->draft;
        $plan->update(['draft' => $whole]);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan->refresh()),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        $was = $this->system->refresh()->only(['facts', 'chambers', 'true_volume_l']);
        $into = Acceptance::accept($version, $planner, 'Another', 'mixed reef', Regime::Natural);
        self::assertSame($this->system->id, $into->id);
        self::assertGreaterThan(0, OpenRipple::query()->where('system_id', $this->system->id)->whereNull('confirmed_at')->count());
        self::assertSame(1, System::query()->count());
        self::assertSame($was, $this->system->refresh()->only(['facts', 'chambers', 'true_volume_l']));
    }

    #[Test]
    public function what_the_record_moved_meanwhile_is_decided_before_a_version_is_accepted(): void
    {
        $plan = $this->refit();
        $planner = self::user('planner');
        $since = fn (): array => self::props($this->actingAs($planner)->get("/plans/{$plan->id}"))['since'];
        self::assertSame([], $since());
        $draft = $plan->draft;
        $draft['values']['flowLh'] = 2600;
        $plan->update(['draft' => $draft]);
        self::assertSame([], $since(), 'what only the plan changes is what it is for');
        // Meanwhile somebody measures: the rock, and the flow.
        $vessel = $this->system->vessels()->where('role', 'display')->sole();
        $record = function (string $field, float $value) use ($vessel): void {
            $inVessel = array_key_exists($field, $vessel->refresh()->facts);
            $of = $inVessel ? $vessel : $this->system->refresh();
            $of->update(['facts' => [...$of->facts, $field => $value]]);
        };
        $record('rockKg', 55);
        $record('flowLh', 2200);
        $open = array_column($since(), null, 'field');
        self::assertSame([false, true], [$open['rockKg']['isConflict'], $open['flowLh']['isConflict']]);
        $against = function () use ($plan, $planner): string {
            $version = PlanVersion::query()->create(['plan_id' => $plan->id, 'number' => PlanVersion::query()->count() + 1,
                'brief' => PlanReader::raw($plan->refresh()), 'core_version' => '1', 'user_id' => $planner->id]);

            return implode(' | ', Acceptance::against($version, CorePlan::answer(PlanReader::read($plan))));
        };
        self::assertStringContainsString('the record moved since', $against());
        $decide = fn (string $field, string $choice) => $this->post("/plans/{$plan->id}/since", ['field' => $field, 'choice' => $choice]);
        $decide('rockKg', 'record')->assertSessionHasNoErrors();
        $decide('flowLh', 'plan')->assertSessionHasNoErrors();
        self::assertSame([], $since());
        self::assertEquals([55, 2600], [$plan->refresh()->draft['values']['rockKg'], $plan->draft['values']['flowLh']]);
        self::assertStringNotContainsString('the record moved since', $against());
        // Moved again it is asked again.
        $record('flowLh', 2100);
        self::assertSame(['flowLh'], array_column($since(), 'field'));
        $decide('colour', 'plan')->assertSessionHasErrors('field');
        $decide('flowLh', 'both')->assertSessionHasErrors('choice');
    }

    #[Test]
    public function rows_the_record_moved_meanwhile_are_decided_one_by_one(): void
    {
        $plan = $this->refit();
        $planner = self::user('planner');
        $since = fn (): array => array_column(
            self::props($this->actingAs($planner)->get("/plans/{$plan->id}"))['since'],
            null,
            'field',
        );
        $decide = fn (string $field, string $choice) => $this->post("/plans/{$plan->id}/since", ['field' => $field, 'choice' => $choice]);
        $rows = fn (string $table): array => $plan->refresh()->draft[$table];
        self::assertSame([], $since());
        // The record: a chamber is found to be higher, and a refugium joins.
        $chambers = $this->system->chambers;
        $key = array_key_last(array_filter($chambers[0], is_numeric(...)));
        $chambers[0][$key] += 10;
        $this->system->update(['chambers' => $chambers]);
        $this->system->vessels()->create(['role' => 'other', 'name' => 'Refugium', 'bases' => [], 'joined_on' => now(),
            'facts' => ['lengthMm' => 500, 'widthMm' => 400, 'heightMm' => 400, 'waterMm' => 300]]);
        $open = $since();
        $new = array_values(array_filter($open, fn (array $o): bool => $o['record'] === 'it is new'));
        self::assertCount(2, $open);
        self::assertSame(['row:vessels:Refugium', false], [$new[0]['field'], $new[0]['isConflict']]);
        $moved = array_values(array_filter($open, fn (array $o): bool => str_starts_with($o['record'], 'another ')))[0];
        $was = $rows('chambers')[0][$key];
        $decide($moved['field'], 'plan')->assertSessionHasNoErrors();
        self::assertSame($was, $rows('chambers')[0][$key], 'the plan stays with its own');
        self::assertSame(['row:vessels:Refugium'], array_keys($since()));
        $decide('row:vessels:Refugium', 'record')->assertSessionHasNoErrors();
        self::assertSame([], $since());
        self::assertSame(['Refugium'], array_column($rows('vessels'), 'name'));
        // Moved once more, and gone again.
        $this->system->vessels()->where('name', 'Refugium')->sole()->update(['left_on' => now()]);
        self::assertSame(['it is gone'], array_column($since(), 'record'));
        $version = PlanVersion::query()->create(['plan_id' => $plan->id, 'number' => 1, 'brief' => PlanReader::raw($plan->refresh()),
            'core_version' => '1', 'user_id' => $planner->id]);
        $against = implode(' | ', Acceptance::against($version, CorePlan::answer(PlanReader::read($plan))));
        self::assertStringContainsString('the record moved since: Refugium', $against);
        $decide(array_key_first($since()), 'record')->assertSessionHasNoErrors();
        self::assertSame([[], []], [$since(), $rows('vessels')]);
        $decide('row:colours:x', 'plan')->assertSessionHasErrors('field');
        $decide('row:vessels:nobody', 'plan')->assertSessionHasNoErrors();
    }

    #[Test]
    public function only_planners_begin_one_and_a_name_is_asked_for(): void
    {
        $this->actingAs(self::user('technician'))->post("/systems/{$this->system->id}/refits", ['name' => 'x'])->assertForbidden();
        $this->actingAs(self::user('planner'))->post("/systems/{$this->system->id}/refits", ['name' => ''])->assertSessionHasErrors('name');
    }
}
