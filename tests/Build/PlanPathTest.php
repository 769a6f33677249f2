<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Answered;
use App\Build\Plan;
use App\Build\PlanVersion;
use App\Demo\Builds;
use App\Systems\System;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use LogicException;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Build\Plan as CorePlan;
use Velbrin\Core\Build\PlanBrief;

final class PlanPathTest extends TestCase
{
    #[Test]
    public function a_draft_keeps_what_is_typed_answers_at_once_and_says_what_cannot_be(): void
    {
        $planner = self::user('planner');
        $plan = Plan::query()->create([
            'site_id' => self::site()->id,
            'name' => 'New',
            'user_id' => $planner->id,
            'draft' => ['values' => [], 'bases' => [], 'chambers' => []],
        ]);
        $send = fn (array $values, int $revision): array => $this->actingAs($planner)
            ->postJson("/plans/{$plan->id}/draft", ['revision' => $revision, 'values' => $values], $this->inertia())
            ->assertOk()
            ->json('props.live');

        $live = $send(['lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 550], 1);
        self::assertSame(2, $live['revision']);
        self::assertSame('Display, gross', $live['answers']['figures'][0]['label']);
        self::assertStringEndsWith('L', $live['answers']['figures'][0]['text']);

        $wrong = $send(['lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 99999], 2);
        self::assertStringContainsString('Allowed', $wrong['answers']['errors']['heightMm']);
        self::assertSame(99999, $plan->refresh()->draft['values']['heightMm'], 'kept as typed');

        $planner->update(['unit_system' => 'us']);
        $weir = ['flowLh' => 3000, 'weirLengthMm' => 400, 'weirBelowRimMm' => 60, 'weirGapsMm' => 401];
        $gaps = $send(['lengthMm' => 1200, 'widthMm' => 600, 'heightMm' => 550, ...$weir], 3);
        $says = "Must be at most the edge's length, 15.75\u{a0}in.";
        self::assertSame($says, $gaps['answers']['errors']['weirGapsMm'], 'in the unit of who reads');

        $late = $send(['lengthMm' => 1], 2);
        self::assertTrue($late['conflict']);
        self::assertSame(1200, $plan->refresh()->draft['values']['lengthMm'], 'a stale window overwrites nothing');
    }

    #[Test]
    public function the_survey_of_the_room_answers_for_what_nobody_typed(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $room = $site->rooms()->create(['name' => 'Hall', 'winter_night_c' => 12, 'summer_day_c' => 33, 'bases' => []]);
        $site->passages()->create(['name' => 'Stair', 'width_mm' => 500, 'height_mm' => 1900]);
        $values = Builds::facts('standard');
        unset($values['winterC'], $values['summerC']);
        $plan = Plan::query()->create([
            'site_id' => $site->id,
            'room_id' => $room->id,
            'name' => 'P',
            'user_id' => $planner->id,
            'draft' => ['values' => $values, 'bases' => [], 'chambers' => Builds::chambers('standard')],
        ]);
        $props = self::props($this->actingAs($planner)->get("/plans/{$plan->id}"));
        $findings = array_column($props['live']['answers']['findings'], 'what');

        self::assertSame(12.0, (float) $props['draft']['survey']['winterC']);
        self::assertNotEmpty(array_filter($findings, fn (string $f): bool => str_contains($f, 'does not pass: Stair')));
    }

    #[Test]
    public function versions_never_change_and_acceptance_waits_for_every_stop(): void
    {
        Storage::fake('local');
        $planner = self::user('planner');
        // One stop a reason may pass (the return chamber floods), one only a document clears (thin glass).
        $plan = Fixture::plan(self::site(), $planner, ['reservoirL' => 60.0, 'wallMm' => 6.0]);
        $this->actingAs($planner)
            ->post("/plans/{$plan->id}/versions", ['note' => 'first'])
            ->assertRedirect();
        $version = PlanVersion::query()->sole();
        $accept = fn () => $this->post("/plan-versions/{$version->id}/accept", [
            'name' => 'Hall reef',
            'kind' => 'mixed reef',
            'regime' => 'natural',
        ]);
        $accept()->assertSessionHasErrors('accept');
        self::assertSame(0, System::query()->count());

        foreach (CorePlan::answer(PlanBrief::read($version->brief))->stops() as $stop) {
            $answer = fn (array $more) => $this->post("/plan-versions/{$version->id}/waivers", [
                'finding_key' => $stop->key(),
                'reason' => 'talked over',
                'signed_by' => 'A. Client',
                'signed_on' => now()->toDateString(),
                ...$more,
            ]);
            if ($stop->rule === 'B-13') {
                $answer(['kind' => 'reason'])->assertSessionHasErrors('kind');
                $answer(['kind' => 'document'])->assertSessionHasErrors('file');
                $answer([
                    'kind' => 'document',
                    'file' => UploadedFile::fake()->createWithContent('letter.pdf', "%PDF-1.4\nletter"),
                ])->assertSessionHasNoErrors();
            } else {
                $answer(['kind' => 'reason'])->assertSessionHasNoErrors();
            }
        }
        $accept()->assertSessionHasNoErrors()->assertRedirect();
        $version->refresh();
        $system = System::query()->sole();
        self::assertNotNull($version->accepted_at);
        self::assertSame(
            CorePlan::answer(PlanBrief::read($version->brief))->figure('systemL')?->quantity?->value,
            Answered::of($version)->answers()->figure('systemL')?->quantity?->value,
        );
        self::assertSame($version->id, $system->plan_version_id);
        self::assertSame(['display', 'sump'], $system->vessels->pluck('role')->sort()->values()->all());
        self::assertEqualsWithDelta(
            Answered::of($version)->answers()->figure('systemL')?->quantity?->value,
            $system->true_volume_l,
            1e-9,
        );
        self::assertGreaterThanOrEqual(
            2,
            $system->items()->where('job', 'heater')->count() + $system->items()->where('job', 'return-pump')->count(),
        );
        self::assertSame(8, $system->bands()->count());

        $accept()->assertForbidden();
        $plan->update(['draft' => ['values' => ['lengthMm' => 500], 'bases' => [], 'chambers' => []]]);
        self::assertEqualsWithDelta(
            Answered::of($version)->answers()->figure('systemL')?->quantity?->value,
            $system->refresh()->true_volume_l,
            1e-9,
            'later edits of the plan do not touch the system',
        );
        $this->expectException(LogicException::class);
        $version->update(['note' => 'changed']);
    }

    #[Test]
    public function two_versions_are_compared_by_what_differs(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner);
        $this->actingAs($planner)->post("/plans/{$plan->id}/versions");
        $plan->update([
            'draft' => [
                ...$plan->draft,
                'values' => [...$plan->draft['values'], 'outletBelowRimMm' => 210.0, 'breakBelowRimMm' => 'none'],
            ],
        ]);
        $this->post("/plans/{$plan->id}/versions")->assertSessionHasErrors('note');
        $this->post("/plans/{$plan->id}/versions", ['note' => 'outlet deeper'])->assertSessionHasNoErrors();
        [$a, $b] = PlanVersion::query()->orderBy('id')->pluck('id')->all();
        $view = self::props($this->get("/plans/{$plan->id}/compare?a={$a}&b={$b}"))['view'];

        self::assertSame(
            ['Deepest return outlet below the rim', 'Siphon break below the rim'],
            array_column($view['facts'], 'label'),
        );
        self::assertContains('Power cut: comes down', array_column($view['figures'], 'label'));
        self::assertSame('stop', $view['new'][0]['severity']);
        $elsewhere = Fixture::plan(self::site('Other', 'There'), $planner);
        $this->getJson("/plans/{$elsewhere->id}/compare?a={$a}&b={$b}")->assertUnprocessable();
    }

    #[Test]
    public function the_sheet_is_a_pdf_with_the_computed_numbers_and_the_client_edition_keeps_to_open_points(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner, ['outletBelowRimMm' => 330.0, 'breakBelowRimMm' => 'none']);
        $this->actingAs($planner)->post("/plans/{$plan->id}/versions");
        $version = PlanVersion::query()->sole();
        $read = function (string $query) use ($version): string {
            $pdf = $this->get("/plan-versions/{$version->id}/sheet.pdf{$query}")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            $file = (string) tempnam(sys_get_temp_dir(), 'pdf');
            file_put_contents($file, $pdf);
            $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
            unlink($file);

            return $text;
        };
        $internal = $read('');
        $client = $read('?edition=client');

        self::assertStringContainsString('Confirm locally', $internal);
        self::assertMatchesRegularExpression('/True water volume\s+\d{3}/u', $internal);
        self::assertStringContainsString('Stop', $internal);
        self::assertStringContainsString('Fine', $internal);
        self::assertStringContainsString('on the floor', $client);
        self::assertStringNotContainsString('Fine', $client);
        self::assertStringNotContainsString('rests on', $client);
    }

    /** @return array<string, string> */
    private function inertia(): array
    {
        return [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => (string) app(\App\Front\Http\HandleInertiaRequests::class)->version(request()),
        ];
    }
}
