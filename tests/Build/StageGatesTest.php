<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Regime;

/** The course of work of an accepted version: gates in order, waivers with a reason, documents where people can be hurt. */
final class StageGatesTest extends TestCase
{
    #[Test]
    public function gates_pass_in_order_by_proof_waiver_or_document_and_the_rest_comes_forward(): void
    {
        Storage::fake('local');
        $planner = self::user('planner');
        $version = $this->accepted();
        $pass = fn (string $stage, array $more = []): mixed => $this->post(
            "/plan-versions/{$version->id}/stages/{$stage}",
            ['by' => 'proof', 'words' => 'seen', 'signed_by' => 'Ada', 'passed_on' => now()->toDateString(), ...$more],
        );
        $this->actingAs($planner);
        $before = self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'];

        $pass('structure')->assertSessionHasErrors(['stage' => 'First “Survey signed” must pass.']);
        $pass('survey', ['words' => ''])->assertSessionHasErrors('words');
        $pass('survey')->assertSessionHasNoErrors();
        $pass('structure', ['by' => 'waiver'])->assertSessionHasErrors('stage');
        $pass('structure')->assertSessionHasNoErrors();
        $pass('ordered', ['passed_on' => now()->subDays(3)->toDateString()])->assertSessionHasErrors('stage');
        $pass('ordered')->assertSessionHasErrors([
            'held' => 'First look, then tick: consents that are asked for are on paper; Hole plan signed by who draws and who drills.',
        ]);
        $pass('ordered', ['held' => [$this->holds($version, 'ordered')[0]]])->assertSessionHasErrors('held');
        $pass('ordered', ['held' => $this->holds($version, 'ordered')])->assertSessionHasNoErrors();
        self::assertCount(2, (array) $version->passedStages()->where('stage', 'ordered')->sole()->held);
        $this->actingAs(self::user('technician'));
        $pass('fabricated', ['by' => 'waiver', 'words' => 'trusted the maker'])->assertForbidden();
        $this->actingAs($planner);
        $pass('fabricated', ['by' => 'waiver', 'words' => 'trusted the maker'])->assertSessionHasNoErrors();
        $pass('leak-test')->assertSessionHasErrors([
            'stage' => '9 days must go by first: silicone to cure since the vessel was built, then the test.',
        ]);
        foreach (['leak-test', 'set', 'plumbed'] as $stage) {
            $pass($stage, ['by' => 'waiver'])->assertSessionHasNoErrors();
        }
        $pass('electrics')->assertSessionHasErrors('stage');
        $pass('electrics', ['by' => 'document'])->assertSessionHasErrors('file');
        $pass('electrics', [
            'by' => 'document',
            'held' => $this->holds($version, 'electrics'),
            'file' => UploadedFile::fake()->createWithContent('record.pdf', '%PDF-1.4 record'),
        ])->assertSessionHasNoErrors();

        $stages = collect(self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'])->keyBy('key');
        self::assertStringContainsString(
            'No dose of ammonia is recorded',
            $stages['cycle']['waits'],
            'the cycle waits for readings, not for a day',
        );
        self::assertSame('waiver', $stages['fabricated']['passedBy'], 'a waiver stays visible');
        self::assertSame('trusted the maker', $stages['fabricated']['words']);
        self::assertNotNull($stages['electrics']['document']);
        self::assertLessThan(
            collect($before)->firstWhere('key', 'handover')['stands'] - 30,
            $stages['handover']['stands'],
        );

        $this->post("/plan-versions/{$version->id}/stages/plumbed/reopen")->assertSessionHasErrors('stage');
        $this->post("/plan-versions/{$version->id}/stages/electrics/reopen")->assertSessionHasNoErrors();
        self::assertSame(7, $version->passedStages()->count());
    }

    #[Test]
    public function before_it_is_accepted_no_gate_opens(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        $this->actingAs($planner)
            ->post("/plan-versions/{$version->id}/stages/survey", [
                'by' => 'proof',
                'words' => 'a',
                'signed_by' => 'a',
                'passed_on' => now()->toDateString(),
            ])
            ->assertForbidden();
    }

    #[Test]
    public function a_consent_and_a_late_delivery_hold_what_needs_them(): void
    {
        Storage::fake('local');
        $version = $this->accepted();
        $this->actingAs(self::user('planner'));
        $stage = fn (string $key): array => collect(
            self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'],
        )->firstWhere('key', $key);
        $pass = fn (string $key): mixed => $this->post("/plan-versions/{$version->id}/stages/{$key}", [
            'by' => 'proof',
            'words' => 'seen',
            'signed_by' => 'Ada',
            'passed_on' => now()->toDateString(),
        ]);
        $usual = $stage('set')['begins'];

        $this->post("/plan-versions/{$version->id}/consents", ['of' => 'below'])->assertSessionHasNoErrors();
        $this->post("/plan-versions/{$version->id}/consents", ['of' => 'below'])->assertSessionHasErrors('of');
        $pass('survey')->assertSessionHasNoErrors();
        $pass('structure')->assertSessionHasErrors(['stage' => 'The household below has not consented yet.']);
        $consent = $version->consents()->firstOrFail();
        $this->post("/consents/{$consent->id}/give", ['given_on' => now()->toDateString()])->assertSessionHasErrors(
            'file',
        );
        $this->post("/consents/{$consent->id}/give", [
            'given_on' => now()->toDateString(),
            'conditions' => 'no work on Sundays',
            'file' => UploadedFile::fake()->createWithContent('letter.pdf', '%PDF-1.4 letter'),
        ])->assertSessionHasNoErrors();
        $pass('structure')->assertSessionHasNoErrors();

        $order = fn (array $more): mixed => $this->post("/plan-versions/{$version->id}/orders", [
            'what' => 'The tank',
            'supplier' => 'Glassworks',
            'stage' => 'set',
            'ordered_on' => now()->toDateString(),
            'promised_on' => now()->addDays(90)->toDateString(),
            ...$more,
        ]);
        $order(['promised_on' => now()->subDay()->toDateString()])->assertSessionHasErrors('promised_on');
        $order(['stage' => 'moon'])->assertSessionHasErrors('stage');
        $order([])->assertSessionHasNoErrors();
        self::assertGreaterThan($usual, $stage('set')['begins']);
        self::assertEqualsWithDelta(90, $stage('set')['begins'], 0.01);
        $tank = $version->orders()->firstOrFail();
        $this->post("/orders/{$tank->id}/receive", [
            'received_on' => now()->toDateString(),
            'is_whole' => false,
        ])->assertSessionHasErrors(['note', 'promised_on']);
        $this->post("/orders/{$tank->id}/receive", [
            'received_on' => now()->toDateString(),
            'is_whole' => false,
            'note' => 'a chipped edge',
            'promised_on' => now()->addDays(20)->toDateString(),
        ])->assertSessionHasNoErrors();
        self::assertStringContainsString(
            'wrong or incomplete',
            self::props($this->get("/plan-versions/{$version->id}"))['view']['late'][0]['what'],
        );
        $this->actingAs(self::user('technician'))
            ->post("/orders/{$tank->id}/receive", [
                'received_on' => now()->toDateString(),
                'is_whole' => true,
                'place' => 'depot',
            ])
            ->assertSessionHasNoErrors();
        self::assertLessThan(40, $stage('set')['begins']);
    }

    /** @return list<string> what is looked at before that stage passes */
    private function holds(PlanVersion $version, string $stage): array
    {
        return collect(self::props($this->get("/plan-versions/{$version->id}"))['view']['stages'])->firstWhere(
            'key',
            $stage,
        )['holds'];
    }

    private function accepted(): PlanVersion
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        Acceptance::accept($version, $planner, 'Reef', 'mixed reef', Regime::Natural);

        return $version->refresh();
    }
}
