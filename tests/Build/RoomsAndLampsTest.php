<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Acceptance;
use App\Build\LampType;
use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Systems\System;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Chemistry\Regime;

/** Vessels in rooms of their own (B-88), lamps read with a meter (B-50), and work the client takes over unfinished (X-43). */
final class RoomsAndLampsTest extends TestCase
{
    private const FRAG = [
        'name' => 'frag tank',
        'lengthMm' => 900,
        'widthMm' => 450,
        'heightMm' => 350,
        'wallMm' => 8,
        'waterMm' => 270,
        'bottomMm' => 900,
        'downMm' => 14,
        'ownPump' => true,
    ];

    private User $planner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->planner = self::user('planner');
        $this->actingAs($this->planner);
    }

    #[Test]
    public function a_vessel_in_a_surveyed_room_takes_that_rooms_climate_in_plan_and_record(): void
    {
        $site = self::site();
        $site->rooms()->create(['name' => 'Cellar', 'winter_night_c' => 8, 'summer_day_c' => 17]);
        $elsewhere = self::site('Others', 'Elsewhere')
            ->rooms()
            ->create(['name' => 'Attic']);
        $plan = Fixture::plan($site, $this->planner);
        $figure = function (array $row) use ($plan): ?array {
            $plan->update(['draft' => [...$plan->draft, 'vessels' => [[...self::FRAG, ...$row]]]]);

            return collect(self::props($this->get("/plans/{$plan->id}"))['live']['answers']['figures'])->firstWhere(
                'key',
                'othersLossW',
            );
        };
        self::assertNull($figure([]));
        self::assertStringContainsString(
            "frag tank in Cellar at 8.0\u{A0}°C",
            (string) $figure(['room' => 'Cellar'])['note'],
        );
        self::assertStringContainsString(
            "in Cellar at 3.0\u{A0}°C",
            (string) $figure(['room' => 'Cellar', 'winterC' => 3])['note'],
            'what is typed wins',
        );
        self::assertNull($figure(['room' => 'Attic']), 'a room of another place is only a word');

        $figure(['room' => 'Cellar']);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan->refresh()),
            'core_version' => '1',
            'user_id' => $this->planner->id,
        ]);
        Acceptance::accept($version, $this->planner, 'Reef', 'mixed reef', Regime::Natural);
        $vessel = System::query()
            ->where('plan_version_id', $version->id)
            ->sole()
            ->vessels()
            ->where('name', 'frag tank')
            ->sole();
        self::assertSame(['Cellar', 8.0], [$vessel->room?->name, (float) $vessel->facts['winterC']]);
        $page = self::props($this->get("/systems/{$vessel->system_id}/register"));
        self::assertContains($vessel->room_id, array_column($page['vessels'], 'roomId'));

        $this->put("/vessels/{$vessel->id}/room", ['room_id' => $elsewhere->id])->assertSessionHasErrors('room_id');
        $this->put("/vessels/{$vessel->id}/room", ['room_id' => null])->assertSessionHasNoErrors();
        self::assertSame([null, null], [$vessel->refresh()->room_id, $vessel->facts['winterC']]);
        $this->actingAs(self::user('technician'))
            ->put("/vessels/{$vessel->id}/room", ['room_id' => null])
            ->assertForbidden();
    }

    #[Test]
    public function a_measured_lamp_goes_from_the_library_into_the_light_map(): void
    {
        $lamp = LampType::query()->create(['name' => 'Panel', 'ppf' => 180, 'half_angle_deg' => 50]);
        $put = fn (string $rows, float $step = 150): mixed => $this->put("/settings/lamps/{$lamp->id}/grid", [
            'distance_mm' => 500,
            'step_mm' => $step,
            'rows' => $rows,
        ]);
        foreach (["20 60 20\n60 300", 'much', '', "1 2\n3 -4"] as $wrong) {
            $put($wrong)->assertSessionHasErrors('rows');
        }
        $put("1 2\n3 4", 1)->assertSessionHasErrors('rows');
        self::assertNull($lamp->refresh()->grid);
        $put("20, 60, 20\n60 300 60\n20 60 20")->assertSessionHasNoErrors();
        self::assertSame('500 / 150: 20 60 20; 60 300 60; 20 60 20', $lamp->refresh()->grid);

        $plan = Fixture::plan(self::site(), $this->planner);
        $library = self::props($this->get("/plans/{$plan->id}"))['library'];
        self::assertSame($lamp->grid, $library[0]['grid']);
        $light = fn (array $row): array => $this->answers($plan, [
            'lamps' => [
                [
                    'name' => 'Panel',
                    'xMm' => 500,
                    'yMm' => 250,
                    'aboveRimMm' => 200,
                    'ppf' => 180,
                    'halfAngleDeg' => 50,
                    ...$row,
                ],
            ],
        ]);
        [$told, $read] = [$light([]), $light(['grid' => $lamp->grid])];
        self::assertNotSame($told['light'][2]['mean'], $read['light'][2]['mean']);
        self::assertNotEmpty($read['light'][2]['lines']);
        self::assertArrayHasKey('lamps.0.grid', $light(['grid' => 'as bright as day'])['errors']);
    }

    #[Test]
    public function work_handed_over_unfinished_names_who_is_liable_and_stands_in_the_quote(): void
    {
        $plan = Fixture::plan(self::site(), $this->planner);
        $version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $this->planner->id,
        ]);
        $note = [
            'kind' => 'unfinished',
            'declined' => 'Skirting behind the stand',
            'risk' => 'water behind it stays wet',
            'review_on' => now()->addMonth()->toDateString(),
            'signed_by' => 'A. Tolland',
            'signed_on' => now()->toDateString(),
        ];
        $this->post("/plan-versions/{$version->id}/risks", $note)->assertSessionHasErrors('liable');
        $this->post("/plan-versions/{$version->id}/risks", [
            ...$note,
            'kind' => 'gift',
            'liable' => 'the client',
        ])->assertSessionHasErrors('kind');
        $this->post("/plan-versions/{$version->id}/risks", [
            ...$note,
            'liable' => 'the client’s joiner',
        ])->assertSessionHasNoErrors();
        $shown = self::props($this->get("/plan-versions/{$version->id}"))['view']['risks'][0];
        self::assertSame([true, 'the client’s joiner'], [$shown['unfinished'], $shown['liable']]);
        $text = preg_replace(
            '/\s+/',
            ' ',
            (new Process(
                ['pdftotext', '-layout', '-', '-'],
                input: (string) $this->get("/plan-versions/{$version->id}/quote.pdf")
                    ->assertOk()
                    ->getContent(),
            ))
                ->mustRun()
                ->getOutput(),
        );
        self::assertStringContainsString('Handed over unfinished: Skirting behind the stand', (string) $text);
        self::assertStringContainsString('liable: the client’s joiner', (string) $text);
    }

    /**
     * @param  array<string, mixed>  $tables
     * @return array<string, mixed>
     */
    private function answers(Plan $plan, array $tables): array
    {
        $plan->update(['draft' => [...$plan->draft, ...$tables]]);

        return self::props($this->get("/plans/{$plan->id}"))['live']['answers'];
    }
}
