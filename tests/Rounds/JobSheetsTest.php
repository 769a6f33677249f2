<?php

declare(strict_types=1);

namespace Tests\Rounds;

use App\Clients\Attachment;
use App\Rounds\SiteStep;
use App\Rounds\TaskType;
use App\Rounds\Visit;
use App\Systems\LogEntry;
use App\Systems\Product;
use App\Systems\System;
use App\Team\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Job sheets in versions, a place's own way, and the product card at the step that opens it (P-22, P-23). */
final class JobSheetsTest extends TestCase
{
    private User $planner;

    private User $ines;

    private System $system;

    private Visit $visit;

    private TaskType $glass;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        [$this->planner, $this->ines] = [self::user('planner'), self::user('technician')];
        $this->system = Fixture::system(self::site(), $this->planner);
        $this->visit = Fixture::visit($this->system, Fixture::crew($this->ines), 'glass');
        $this->glass = TaskType::query()->where('key', 'glass')->sole();
    }

    #[Test]
    public function a_visit_that_began_keeps_its_version_and_the_next_one_has_the_new(): void
    {
        $old = $this->steps($this->visit);
        $this->begin($this->visit);
        $this->newVersion(
            ['Magnet along the sand line', 'Corners'],
            'the blade scratched twice',
        )->assertSessionHasNoErrors();

        self::assertSame($old, $this->steps($this->visit), 'what is under way does not move under the hand');
        self::assertStringContainsString('version 1', $this->job($this->visit)['sheet']);
        $next = Fixture::visit(
            Fixture::system($this->system->site()->firstOrFail(), $this->planner, 'Second'),
            Fixture::crew($this->ines),
            'glass',
        );
        self::assertSame(['Magnet along the sand line', 'Corners'], $this->steps($next));
        self::assertStringContainsString('version 2', $this->job($next)['sheet']);

        $page = self::props($this->actingAs($this->ines)->get("/settings/jobs/{$this->glass->id}"));
        self::assertSame(
            ['the blade scratched twice', 'as the library has it'],
            array_column($page['history'], 'reason'),
        );
        self::assertContains(['+', 'Magnet along the sand line'], $page['history'][0]['lines']);
        self::assertContains(['−', 'Scrape away from the sand'], $page['history'][0]['lines']);
    }

    #[Test]
    public function a_version_needs_its_reason_and_nobody_writes_over_anothers(): void
    {
        $this->newVersion(['One step'], '')->assertSessionHasErrors('reason');
        $this->newVersion([''], 'shorter')->assertSessionHasErrors('steps.0.text');
        $this->newVersion(['One step'], 'shorter')->assertSessionHasNoErrors();
        $late = $this->actingAs($this->planner)->put("/settings/jobs/{$this->glass->id}", [
            'version' => 1,
            'steps' => [['text' => 'Mine', 'product_id' => null]],
            'cautions' => [],
            'reason' => 'mine',
        ]);
        $late->assertSessionHasErrors('version');
        self::assertSame(['One step'], $this->glass->refresh()->steps);
        $this->actingAs($this->ines)
            ->put("/settings/jobs/{$this->glass->id}", [
                'version' => 2,
                'steps' => [['text' => 'Mine']],
                'cautions' => [],
                'reason' => 'mine',
            ])
            ->assertForbidden();
    }

    /** S-49: the company says of which of its jobs a photo is kept before; a page that does not know of it changes nothing. */
    #[Test]
    public function a_sheet_may_ask_for_a_photo_before_the_first_step(): void
    {
        $keep = fn (int $version, array $more): TestResponse => $this->actingAs($this->planner)->put(
            "/settings/jobs/{$this->glass->id}",
            ['version' => $version, 'steps' => [['text' => 'One']], 'cautions' => [], 'reason' => 'so', ...$more],
        );
        $keep(1, ['photo_first' => 'perhaps'])->assertSessionHasErrors('photo_first');
        $keep(1, ['photo_first' => true])->assertSessionHasNoErrors();
        $keep(2, [])->assertSessionHasNoErrors();
        self::assertTrue(self::props($this->get("/settings/jobs/{$this->glass->id}"))['sheet']['photoFirst']);
        $keep(3, ['photo_first' => false])->assertSessionHasNoErrors();
        self::assertFalse($this->glass->refresh()->photo_first);
    }

    #[Test]
    public function the_sheets_of_a_build_stand_beside_those_of_service_and_never_recur(): void
    {
        $page = self::props($this->actingAs($this->ines)->get('/settings/jobs?sheet=drill-glass'));
        self::assertSame(['Drill a hole in glass', true], [$page['sheet']['name'], $page['sheet']['build']]);
        self::assertContains('diamond hole saws', $page['sheet']['tools']);
        $drill = TaskType::query()->where('key', 'drill-glass')->sole();
        $about = [
            'purpose' => 'A hole',
            'whenNot' => 'toughened',
            'tools' => ['saw'],
            'materials' => [],
            'proof' => 'photo',
            'record' => 'chips',
        ];
        $this->actingAs($this->planner)
            ->put("/settings/jobs/{$drill->id}", [
                'version' => 1,
                'steps' => [['text' => 'Drill', 'product_id' => null]],
                'cautions' => ['Goggles.'],
                'reason' => 'shorter',
                'about' => $about,
            ])
            ->assertSessionHasNoErrors();
        self::assertEquals($about, $drill->refresh()->about);
        self::assertEquals(
            [$about, 'A pane gets an overflow, drain or return where the hole plan has it.'],
            [
                $drill->sheets()->where('version', 2)->sole()->about,
                $drill->sheets()->where('version', 1)->sole()->about['purpose'],
            ],
        );
        $this->post("/systems/{$this->system->id}/tasks", [
            'task_type_id' => $drill->id,
            'every_days' => 7,
        ])->assertSessionHasErrors('task_type_id');
        self::assertNotContains(
            'Drill a hole in glass',
            array_column(self::props($this->get("/systems/{$this->system->id}/tasks"))['types'], 'name'),
        );
    }

    #[Test]
    public function what_a_place_does_differently_is_shown_at_its_step_with_reason_and_photo(): void
    {
        $post = fn (array $given) => $this->actingAs($this->ines)->post("/sites/{$this->visit->site_id}/jobs", [
            'task_type_id' => $this->glass->id,
            'step' => 0,
            'does' => 'instead',
            'text' => 'Plastic blade only',
            'why' => 'the tank is acrylic',
            ...$given,
        ]);
        $post(['why' => ''])->assertSessionHasErrors('why');
        $post(['step' => 30])->assertSessionHasErrors('step');
        $post(['photo' => UploadedFile::fake()->createWithContent('a.jpg', 'not a photo')])->assertSessionHasErrors(
            'photo',
        );
        $post(['photo' => UploadedFile::fake()->image('blade.jpg', 40, 30)])->assertSessionHasNoErrors();
        $post(['text' => 'Another way'])->assertSessionHasErrors('step');
        self::assertSame(1, SiteStep::query()->count());

        $step = $this->job($this->visit)['steps'][0];
        self::assertSame(
            ['Plastic blade only', 'Scrape away from the sand', 'the tank is acrylic', Attachment::query()->sole()->id],
            [$step['text'], $step['was'], $step['why'], $step['photoId']],
        );
        // The sheet is rewritten shorter: the place's words stand, adrift, and nothing is lost.
        $post(['step' => 1, 'does' => 'skip', 'text' => '', 'why' => 'the corners are mirrored']);
        $this->newVersion(['Wipe'], 'shorter');
        $steps = $this->job($this->visit)['steps'];
        self::assertSame(
            ['Plastic blade only', 'Left out here: the corners are mirrored'],
            array_column($steps, 'text'),
        );
        self::assertTrue($steps[1]['adrift']);

        $this->actingAs($this->ines)
            ->post('/site-steps/'.SiteStep::query()->firstOrFail()->id.'/archive')
            ->assertSessionHasNoErrors();
        self::assertSame('Wipe', $this->job($this->visit)['steps'][0]['text']);
        self::assertSame(
            'Wipe',
            self::props($this->get("/sites/{$this->visit->site_id}/jobs"))['jobs'][0]['steps'][0]['text'],
        );
    }

    #[Test]
    public function a_products_card_stands_at_the_step_that_opens_it(): void
    {
        $this->actingAs($this->planner)
            ->post('/settings/products', [
                'name' => 'Glass cleaner',
                'kind' => 'cleaner',
                'instructions' => 'Spray the cloth, not the pane.',
                'cautions' => "Never over open water.\nGloves.",
                'contents' => 'spray bottle',
                'packets' => 6,
                'effect' => 'kills what it reaches in the water',
                'open_days' => 180,
            ])
            ->assertSessionHasNoErrors();
        $cleaner = Product::query()->sole();
        $this->post("/settings/products/{$cleaner->id}/attachments", [
            'file' => UploadedFile::fake()->createWithContent('sheet.pdf', '%PDF-1.4 sheet'),
            'caption' => '',
        ])->assertSessionHasNoErrors();
        $this->put("/settings/products/{$cleaner->id}", [
            'name' => 'Glass cleaner',
            'kind' => 'cleaner',
            'instructions' => 'Spray the cloth.',
            'cautions' => "Never over open water.\nGloves.",
            'contents' => 'spray bottle',
            'packets' => 0,
        ])->assertSessionHasErrors('packets');
        $this->put("/settings/jobs/{$this->glass->id}", [
            'version' => 1,
            'steps' => [
                ['text' => 'Scrape', 'product_id' => null],
                ['text' => 'Wipe outside', 'product_id' => $cleaner->id],
            ],
            'cautions' => ['Sand scratches.'],
            'reason' => 'outside too',
        ])->assertSessionHasNoErrors();

        $job = $this->job($this->visit);
        self::assertNull($job['steps'][0]['card']);
        $card = $job['steps'][1]['card'];
        self::assertSame(
            [
                'Spray the cloth, not the pane.',
                ['Never over open water.', 'Gloves.'],
                'spray bottle, 6 in a pack',
                180,
                Attachment::query()->sole()->id,
            ],
            [$card['instructions'], $card['cautions'], $card['contents'], $card['openDays'], $card['sheetId']],
        );
        self::assertSame(['Sand scratches.'], $job['cautions']);
        $this->begin($this->visit, ['note', ['systemId' => $this->system->id, 'text' => 'Opened: Glass cleaner']]);
        self::assertTrue(LogEntry::query()->where('text', 'Opened: Glass cleaner')->exists());
        self::assertSame($card['id'], $this->job($this->visit)['steps'][1]['card']['id'], 'kept with the visit');
    }

    /** @param  list<string>  $steps */
    private function newVersion(array $steps, string $reason): TestResponse
    {
        return $this->actingAs($this->planner)->put("/settings/jobs/{$this->glass->id}", [
            'version' => $this->glass->refresh()->version,
            'steps' => array_map(fn (string $s): array => ['text' => $s, 'product_id' => null], $steps),
            'cautions' => [],
            'reason' => $reason,
        ]);
    }

    /** @param  array{0: string, 1: array<string, mixed>}  ...$entries */
    private function begin(Visit $visit, array ...$entries): void
    {
        $this->actingAs($this->ines)
            ->postJson("/visits/{$visit->id}/entries", [
                'entries' => array_map(
                    fn (array $e): array => [
                        'uuid' => (string) Str::uuid(),
                        'kind' => $e[0],
                        'at' => now()->toIso8601String(),
                        'payload' => $e[1],
                    ],
                    [['open', []], ...$entries],
                ),
            ])
            ->assertOk();
    }

    /** @return array<string, mixed> */
    private function job(Visit $visit): array
    {
        return self::props($this->actingAs($this->ines)->get("/visits/{$visit->id}"))['systems'][0]['tasks'][0];
    }

    /** @return list<string> */
    private function steps(Visit $visit): array
    {
        return array_column($this->job($visit)['steps'], 'text');
    }
}
