<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Rounds\FollowUp;
use App\Rounds\Trial;
use App\Systems\LogEntry;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** A choice on trial, judged once, comparable across systems (X-57); and faults found by their sheets (P-21). */
final class TrialsTest extends TestCase
{
    private User $planner;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->system = Fixture::system(self::site(), $this->planner);
    }

    #[Test]
    public function a_trial_is_expected_measured_judged_and_compared(): void
    {
        $second = Fixture::system($this->system->site()->firstOrFail(), $this->planner, 'Second');
        foreach ([[$this->system, 12.0, 6.0], [$second, 20.0, 10.0]] as [$system, $before, $after]) {
            $this->readings($system, [-10 => $before, -5 => $before + 1, 40 => $after, 50 => $after + 1]);
            $this->begin($system)->assertSessionHasNoErrors();
        }
        $trial = Trial::query()->where('system_id', $this->system->id)->sole();
        self::assertSame(
            'check-back',
            FollowUp::query()->whereKey($trial->follow_up_id)->sole()->kind,
            'the day to judge it is in the due list',
        );
        $this->travel(55)->days();
        // Whoever comes back after so long signs in anew.
        $this->flushSession();
        $shown = self::props($this->actingAs($this->planner)->get("/systems/{$this->system->id}/trials"))['trials'][0];
        self::assertStringContainsString(
            "from 12.5\u{A0}mg/L to 6.5\u{A0}mg/L, 2 and 2 readings",
            (string) $shown['effect'],
        );
        self::assertSame('more than chance', $shown['clear']);

        $judge = fn (Trial $t, array $given) => $this->post("/trials/{$t->id}/judge", [
            'verdict' => 'keep',
            'verdict_words' => 'corals as open as before',
            ...$given,
        ]);
        $judge($trial, ['verdict_words' => ''])->assertSessionHasErrors('verdict_words');
        $judge($trial, [])->assertSessionHasNoErrors();
        $judge($trial, ['verdict' => 'drop'])->assertSessionHasErrors('verdict');
        $judge(Trial::query()->where('system_id', $second->id)->sole(), [
            'verdict' => 'drop',
        ])->assertSessionHasNoErrors();
        self::assertNotNull(FollowUp::query()->whereKey($trial->follow_up_id)->sole()->done_at);

        // A reading that comes later does not move what was judged.
        $this->readings($this->system, [54 => 90.0]);
        $methods = self::props($this->get('/trials'))['methods'];
        self::assertCount(1, $methods);
        self::assertSame([2, 1, 1], [$methods[0]['count'], $methods[0]['kept'], $methods[0]['dropped']]);
        self::assertSame("-8.0\u{A0}mg/L", str_replace("\u{2212}", '-', (string) $methods[0]['mean']));
        self::assertEqualsCanonicalizing([-6, -10], array_column($methods[0]['trials'], 'change'));
        self::assertTrue(
            LogEntry::query()
                ->where('system_id', $this->system->id)
                ->where('text', 'like', 'Trial judged, kept: Vinegar dosing%')
                ->exists(),
        );
    }

    #[Test]
    public function a_trial_without_expectation_measure_or_a_day_to_come_is_none(): void
    {
        $this->begin($this->system, ['expectation' => ''])->assertSessionHasErrors('expectation');
        $this->begin($this->system, ['parameter' => null])->assertSessionHasErrors('measure');
        $this->begin($this->system, ['parameter' => 'no-such'])->assertSessionHasErrors('parameter');
        $this->begin($this->system, ['judge_on' => now()->toDateString()])->assertSessionHasErrors('judge_on');
        self::assertSame([0, 0], [Trial::query()->count(), FollowUp::query()->count()]);
        $this->begin($this->system, [
            'parameter' => null,
            'measure' => 'polyps at noon, by photo',
        ])->assertSessionHasNoErrors();
    }

    #[Test]
    public function a_fault_sheet_is_walked_written_down_and_followed_up(): void
    {
        $ines = Fixture::onCall(self::user('technician'));
        $this->system
            ->items()
            ->create(['job' => 'heater', 'name' => 'Heater left', 'watts' => 200, 'plug_label' => 'H1']);
        $walk = fn (string $answers): array => self::props(
            $this->actingAs($ines)->get(
                "/systems/{$this->system->id}/fault?symptom=cold".($answers === '' ? '' : "&answers={$answers}"),
            ),
        )['walk'];
        self::assertSame('second instrument', $walk('')['way']);
        self::assertTrue($walk('1')['power']);
        self::assertSame('heater', $walk('1,0,0,0')['part']);
        $this->get("/systems/{$this->system->id}/fault?symptom=cold&answers=9")->assertSessionHasErrors('answers');

        $store = fn (array $given) => $this->post("/systems/{$this->system->id}/fault", [
            'symptom' => 'cold',
            'answers' => [1, 0, 0, 0],
            'mended' => false,
            'owner_id' => $ines->id,
            'due_on' => now()->toDateString(),
            ...$given,
        ]);
        $store(['answers' => [1, 0]])->assertSessionHasErrors('answers');
        $store(['owner_id' => null])->assertSessionHasErrors('owner_id');
        $store(['note' => 'spare is in the van'])->assertRedirect("/systems/{$this->system->id}/log");
        $follow = FollowUp::query()->sole();
        self::assertStringStartsWith('Heater: The heater is dead.', $follow->text);
        self::assertStringContainsString('spare is in the van', $follow->text);
        $store(['mended' => true, 'owner_id' => null, 'due_on' => null])->assertSessionHasNoErrors();
        self::assertSame(1, FollowUp::query()->count(), 'what is mended leaves nothing open');
        $log = LogEntry::query()->where('system_id', $this->system->id)->latest('id')->firstOrFail();
        self::assertSame('work', $log->kind);
        self::assertStringContainsString('Too cold. Does a second thermometer', $log->text);
    }

    private function begin(System $system, array $given = []): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->planner)->post("/systems/{$system->id}/trials", [
            'method' => 'Vinegar dosing',
            'expectation' => 'nitrate below 8 in eight weeks',
            'parameter' => 'nitrate',
            'measure' => '',
            'started_on' => now()->toDateString(),
            'judge_on' => now()->addDays(56)->toDateString(),
            'owner_id' => $this->planner->id,
            ...$given,
        ]);
    }

    /** @param  array<int, float>  $values  by day from now */
    private function readings(System $system, array $values): void
    {
        foreach ($values as $day => $value) {
            Reading::query()->create([
                'system_id' => $system->id,
                'parameter' => 'nitrate',
                'taken_at' => now()->startOfDay()->addDays($day)->addHours(12),
                'value' => $value,
                'given_value' => $value,
                'given_unit' => 'mg/L',
                'user_id' => $this->planner->id,
                'client_uuid' => (string) Str::uuid(),
            ]);
        }
    }
}
