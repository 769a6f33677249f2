<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Answered;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Systems\System;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A plan with facts left out is not accepted on silence (B-94). */
final class SilenceTest extends TestCase
{
    private int $made = 0;

    #[Test]
    public function a_cracked_stand_and_unprotected_gear_stop_it_whatever_else_is_left_out(): void
    {
        $answer = $this->accept(['standState' => 'cracked', 'residual' => 'no'], without: ['wallMm', 'winterC']);
        $answer->assertSessionHasErrors('accept');
        $said = session('errors')->first('accept');
        self::assertStringContainsString('B-13: put it right', $said);
        self::assertStringContainsString('B-61: put it right', $said);
        self::assertStringContainsString('B-13 is open: say wall thickness', $said);
        self::assertSame(0, System::query()->count());
    }

    #[Test]
    public function a_missing_fact_of_a_stop_is_named_and_a_counted_default_asks_to_be_confirmed(): void
    {
        $this->accept([], without: ['outletBelowRimMm'])->assertSessionHasErrors('accept');
        self::assertStringContainsString(
            'B-32 is open: say deepest return outlet below the rim',
            session('errors')->first('accept'),
        );
        $this->accept([], without: ['sumpWallMm'])->assertSessionHasErrors('accept');
        self::assertStringContainsString('confirm sump wall', session('errors')->first('accept'));
        self::assertSame(0, System::query()->count());
    }

    #[Test]
    public function what_a_later_gate_holds_may_be_open_at_acceptance_but_its_gate_stays_shut(): void
    {
        $this->accept([], without: ['allowanceKpa', 'breakingKg'])->assertSessionHasNoErrors();
        $version = PlanVersion::query()->sole();
        $stages = array_column(self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'], null, 'key');
        self::assertSame(['document'], $stages['structure']['ways']);
        self::assertSame(['document'], $stages['lights']['ways']);
        $open = array_column(
            self::props($this->get("/plan-versions/{$version->id}"))['view']['answers']['open'],
            null,
            'rule',
        );
        self::assertSame(['Allowed load of the floor'], $open['B-11']['needs']);
        self::assertSame(['One fixing breaks at, in this ceiling'], $open['B-53']['needs']);
        self::assertContains(
            'B-53',
            array_column(Answered::of($version)->answers()->open, 'rule'),
            'kept with what was accepted',
        );
    }

    /**
     * @param  array<string, float|string>  $changed
     * @param  list<string>  $without
     */
    private function accept(array $changed, array $without): TestResponse
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site("Client {$this->made}", 'House '.$this->made++), $planner, $changed);
        $plan->update([
            'draft' => [...$plan->draft, 'values' => array_diff_key($plan->draft['values'], array_flip($without))],
        ]);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan->refresh()),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);

        return $this->actingAs($planner)->post("/plan-versions/{$version->id}/accept", [
            'name' => 'Reef',
            'kind' => 'mixed reef',
            'regime' => 'natural',
        ]);
    }
}
